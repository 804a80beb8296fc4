-- Why a planned touch was put off ('asked', 'handed_back', 'no_answer', 'not_now') or let go
-- ('overtaken', 'day_past', 'lapsed'); null where it was not noted.
alter table item_mark add column why text;
