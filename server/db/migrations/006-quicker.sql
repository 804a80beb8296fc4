-- Large changes, written with less.

-- Of an update only the columns are noted in which it changed any row: less to write, and a fraction
-- of the room. (What was noted before has whole rows.)
create or replace function note_update() returns trigger language plpgsql as $$
declare changed text[];
begin
  if coalesce(current_setting('penpal.action', true), '') = '' then return null; end if;
  execute (select format('select array_remove(array[%s], null) from old_rows o join new_rows n on n.id = o.id',
      string_agg(format('case when bool_or(o.%1$I is distinct from n.%1$I) then %1$L end', attname), ', '))
    from pg_attribute where attrelid = tg_relid and attnum > 0 and not attisdropped) into changed;
  if cardinality(changed) > 0 then
    execute (select format('insert into change (action_id, table_name, op, row_id, before, after)
        select current_setting(''penpal.action'')::uuid, %L, ''update'', n.id::text,
          (select to_jsonb(r) from (select %s) r), (select to_jsonb(r) from (select %s) r)
        from old_rows o join new_rows n on n.id = o.id',
        tg_table_name, string_agg(format('o.%I', name), ', '), string_agg(format('n.%I', name), ', '))
      from unnest(changed) as name);
  end if;
  return null;
end $$;

-- Several changes of a row as one: the later keys stand over the earlier ones.
create aggregate merged(jsonb) (sfunc = jsonb_concat, stype = jsonb, initcond = '{}');

-- Many changes are noted at once, and each is looked for by its action or its row. They are written by
-- the triggers alone, under an action that is there, so that nobody has to look for it each time.
alter table change drop constraint change_pkey, drop constraint change_action_id_fkey;
drop index change_action;
alter table change add primary key (action_id, seq);
create function forget_changes() returns trigger language plpgsql as $$
declare ids uuid[];
begin
  execute 'select array_agg(id) from old_rows' into ids;
  if ids is not null then execute 'delete from change where action_id = any($1)' using ids; end if;
  return null;
end $$;
create trigger action_forgotten after delete on action referencing old table as old_rows
  for each statement execute function forget_changes();

-- Standings also know the latest day of a touch that held anything.
alter table person_standing add column last_on date;
create or replace view standing_now as
select p.id as person_id,
  coalesce(p.own_promise_days, c.promise_days) as promise_days,
  case when coalesce(p.own_promise_days, c.promise_days) is not null then
    coalesce(l.due_on, p.added_on + (select grace_days from settings))
  end as due_on,
  l.last_on
from person_all p left join circle c on c.id = p.circle_id,
lateral (select max(l.on_day + round(l.hold * coalesce(p.own_promise_days, c.promise_days))::int) as due_on,
    max(l.on_day) as last_on
  from last_touch l where l.person_id = p.id and l.hold > 0) l
where p.archived_on is null and p.deleted_on is null;

update person_standing s set last_on = n.last_on from standing_now n
  where n.person_id = s.person_id and n.last_on is not null;

-- Makes the standings of these people, or of everybody, what they are now.
create or replace function settle_standings(ids uuid[]) returns void language plpgsql as $$
begin
  execute 'with n as materialized (select * from standing_now where person_id = any($1)),
      gone as (delete from person_standing where person_id = any($1) and person_id not in (select person_id from n))
    insert into person_standing as s (person_id, promise_days, due_on, last_on)
      select person_id, promise_days, due_on, last_on from n
    on conflict (person_id) do update set promise_days = excluded.promise_days, due_on = excluded.due_on,
        last_on = excluded.last_on
      where (s.promise_days, s.due_on, s.last_on) is distinct from (excluded.promise_days, excluded.due_on, excluded.last_on)' using ids;
end $$;

-- What the triggers call. Those who come in are settled once, when all of theirs is written.
create function standings_changed(ids uuid[]) returns void language plpgsql as $$
begin
  if ids is not null and coalesce(current_setting('penpal.arriving', true), '') = '' then
    perform settle_standings(ids);
  end if;
end $$;

create or replace function standing_of_person() returns trigger language plpgsql as $$
declare ids uuid[];
begin
  if tg_op = 'INSERT' then
    -- Somebody new: most have no touch yet, but an undone deletion brings theirs back.
    execute 'select array_agg(id) from new_rows' into ids;
  elsif tg_op = 'UPDATE' then
    execute 'select array_agg(n.id) from new_rows n join old_rows o on o.id = n.id
      where (n.own_promise_days, n.circle_id, n.added_on, n.archived_on, n.deleted_on)
        is distinct from (o.own_promise_days, o.circle_id, o.added_on, o.archived_on, o.deleted_on)' into ids;
  else
    execute 'delete from person_standing where person_id in (select id from old_rows)';
  end if;
  perform standings_changed(ids);
  return null;
end $$;

-- Touches: the latest of each hold, then the standing.
create or replace function refresh_last_touch() returns trigger language plpgsql as $$
declare ids uuid[];
begin
  execute 'select array_agg(distinct person_id) from changed_rows' into ids;
  if ids is null then return null; end if;
  execute 'delete from last_touch where person_id = any($1)' using ids;
  execute 'insert into last_touch (person_id, hold, on_day)
    select person_id, hold, max(on_day) from touch where person_id = any($1) group by person_id, hold' using ids;
  perform standings_changed(ids);
  return null;
end $$;
create or replace function extend_last_touch() returns trigger language plpgsql as $$
declare ids uuid[];
begin
  execute 'select array_agg(distinct person_id) from changed_rows' into ids;
  if ids is null then return null; end if;
  insert into last_touch as l (person_id, hold, on_day)
    select person_id, hold, max(on_day) from changed_rows group by person_id, hold
  on conflict (person_id, hold) do update set on_day = greatest(l.on_day, excluded.on_day);
  perform standings_changed(ids);
  return null;
end $$;
create or replace function refresh_moved_touch() returns trigger language plpgsql as $$
declare ids uuid[];
begin
  execute 'select array_agg(distinct person_id) from
    (select person_id from old_touches union select person_id from new_touches) t' into ids;
  if ids is null then return null; end if;
  execute 'delete from last_touch where person_id = any($1)' using ids;
  execute 'insert into last_touch (person_id, hold, on_day)
    select person_id, hold, max(on_day) from touch where person_id = any($1) group by person_id, hold' using ids;
  perform standings_changed(ids);
  return null;
end $$;
