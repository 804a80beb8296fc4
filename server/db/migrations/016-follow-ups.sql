-- What to follow up about, where a planned touch comes back on a day that the owner chose.
alter table item_mark add column about text not null default '';
