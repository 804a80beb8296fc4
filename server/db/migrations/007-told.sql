-- Why a planned touch was put off ('asked', 'handed_back', 'no_answer', 'not_now') or let go
-- ('overtaken', 'day_past', 'lapsed'); null where it was not noted.
alter table item_mark add column why text;

-- What was written while logging is a note like any other: found, filtered, pinned, changed, exported.
create temporary table told as
  select id as touch_id, gen_random_uuid() as note_id from touch where note <> '';
insert into note (id, person_id, on_day, body, search_text, tags)
  select note_id, person_id, on_day, note,
    -- As core's fold, for Latin letters (server/people/folded.ts): words are searched for folded.
    translate(lower(note), 'àáâãäåçèéêëìíîïðñòóôõöøùúûüýÿāăąćĉċčďēĕėęěĝğġģĥĩīĭįĵķĺļľłńņňōŏőŕŗřśŝşšţťũūŭůűųŵŷźżž',
      'aaaaaaceeeeiiiidnoooooouuuuyyaaaccccdeeeeegggghiiiijkllllnnnooorrrssssttuuuuuuwyzzz'),
    array(select distinct found[1] from regexp_matches(note, '#([[:alnum:]_-]+)', 'g') as found)
  from told join touch on id = touch_id;
-- Undoing what logged the touch takes the note away as well.
insert into change (action_id, table_name, op, row_id, after)
  select c.action_id, 'note', 'insert', n.id::text, to_jsonb(n)
  from told join note n on n.id = note_id
    join change c on c.table_name = 'touch' and c.op = 'insert' and c.row_id = touch_id::text;
drop table told;
alter table touch drop column note;
update change set before = before - 'note', after = after - 'note' where table_name = 'touch';

-- Whether what goes by itself waits for a yes, or only keeps to a no.
alter table settings add column auto_needs_yes boolean not null default true;
