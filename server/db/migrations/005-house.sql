-- The house: standings kept as rows, undo that stays quick, tasks, changes in many steps.

-- Undo. A trigger's statements are planned once for the life of a connection, for as many rows as
-- its first run had: after a single edit, two thousand were joined row by row. Each is planned anew
-- for the rows it is given (execute).
create or replace function note_update() returns trigger language plpgsql as $$
begin
  if coalesce(current_setting('penpal.action', true), '') <> '' then
    execute format('insert into change (action_id, table_name, op, row_id, before, after)
      select current_setting(''penpal.action'')::uuid, %L, ''update'', n.id::text, to_jsonb(o), to_jsonb(n)
      from old_rows o join new_rows n on n.id = o.id', tg_table_name);
  end if;
  return null;
end $$;

-- Watches a table of the owner's, so that what is done to it can be undone: select watch('gift').
create function watch(t text) returns void language plpgsql as $$
begin
  execute format('create trigger %I after insert on public.%I referencing new table as new_rows
    for each statement execute function note_insert()', t || '_noted_insert', t);
  execute format('create trigger %I after update on public.%I referencing old table as old_rows new table as new_rows
    for each statement execute function note_update()', t || '_noted_update', t);
  execute format('create trigger %I after delete on public.%I referencing old table as old_rows
    for each statement execute function note_delete()', t || '_noted_delete', t);
end $$;

-- An action in many short steps is `running` until it is whole. One that never became whole, because
-- it was called off or the process ended, is taken back.
alter table action
  add column running boolean not null default false,
  -- What screens had to read again after it: the same when it is undone.
  add column topics text[] not null default '{}';
create index action_running on action (id) where running;
create index change_row on change (row_id);

-- People who come in by an action that is still running are seen by nobody but that action, which
-- names its batch in `penpal.arriving`: `person` shows the others. (When person_all gets a column,
-- make the view anew; a test compares the two.)
create table arriving (
  batch_id uuid primary key references import_batch (id) on delete cascade
);
alter table person rename to person_all;
-- The home at the mailing address, as core writes it; who share it share a household.
alter table person_all add column home_key text not null default '';
create index person_home on person_all (home_key) where home_key <> '';
drop view person_standing;
create view person as
  select * from person_all
  -- Within coalesce, because of a bare "<> all" the planner thinks that it leaves hardly anybody.
  where coalesce(batch_id <> all (array(select a.batch_id from arriving a
    where a.batch_id::text is distinct from current_setting('penpal.arriving', true))), true);
update change set table_name = 'person_all' where table_name = 'person';

-- When each promise runs out, for everybody in the sphere. Computed, and kept by triggers: an order
-- by slack needs no arithmetic, and no person is joined with themselves.
create table person_standing (
  person_id uuid primary key,
  promise_days int,
  due_on date
);

-- Mirrors core/touches/promise.ts: dueDay. A test holds the two together.
create view standing_now as
select p.id as person_id,
  coalesce(p.own_promise_days, c.promise_days) as promise_days,
  case when coalesce(p.own_promise_days, c.promise_days) is not null then
    coalesce(
      (select max(l.on_day + round(l.hold * coalesce(p.own_promise_days, c.promise_days))::int)
         from last_touch l where l.person_id = p.id and l.hold > 0),
      p.added_on + (select grace_days from settings))
  end as due_on
from person_all p left join circle c on c.id = p.circle_id
where p.archived_on is null and p.deleted_on is null;

-- Makes the standings of these people, or of everybody, what they are now.
create function settle_standings(ids uuid[]) returns void language plpgsql as $$
begin
  execute 'delete from person_standing s where s.person_id = any($1)
    and not exists (select 1 from standing_now n where n.person_id = s.person_id)' using ids;
  execute 'insert into person_standing as s (person_id, promise_days, due_on)
    select n.person_id, n.promise_days, n.due_on from standing_now n where n.person_id = any($1)
  on conflict (person_id) do update set promise_days = excluded.promise_days, due_on = excluded.due_on
    where (s.promise_days, s.due_on) is distinct from (excluded.promise_days, excluded.due_on)' using ids;
end $$;

insert into person_standing select * from standing_now;
create index person_standing_due on person_standing (due_on, person_id);

create function standing_of_person() returns trigger language plpgsql as $$
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
  if ids is not null then perform settle_standings(ids); end if;
  return null;
end $$;
create trigger person_standing_insert after insert on person_all referencing new table as new_rows
  for each statement execute function standing_of_person();
create trigger person_standing_update after update on person_all referencing old table as old_rows new table as new_rows
  for each statement execute function standing_of_person();
create trigger person_standing_delete after delete on person_all referencing old table as old_rows
  for each statement execute function standing_of_person();

create function standing_of_circle() returns trigger language plpgsql as $$
begin
  perform settle_standings(array(select p.id from person_all p join new_rows n on n.id = p.circle_id
    join old_rows o on o.id = n.id where n.promise_days is distinct from o.promise_days));
  return null;
end $$;
create trigger circle_standing after update on circle referencing old table as old_rows new table as new_rows
  for each statement execute function standing_of_circle();

create function standing_of_settings() returns trigger language plpgsql as $$
begin
  if exists (select 1 from new_rows n join old_rows o on o.id = n.id where n.grace_days <> o.grace_days) then
    perform settle_standings(array(select id from person_all));
  end if;
  return null;
end $$;
create trigger settings_standing after update on settings referencing old table as old_rows new table as new_rows
  for each statement execute function standing_of_settings();

-- Touches: the latest of each hold, then the standing.
create or replace function refresh_last_touch() returns trigger language plpgsql as $$
declare ids uuid[];
begin
  execute 'select array_agg(distinct person_id) from changed_rows' into ids;
  if ids is null then return null; end if;
  execute 'delete from last_touch where person_id = any($1)' using ids;
  execute 'insert into last_touch (person_id, hold, on_day)
    select person_id, hold, max(on_day) from touch where person_id = any($1) group by person_id, hold' using ids;
  perform settle_standings(ids);
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
  perform settle_standings(ids);
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
  perform settle_standings(ids);
  return null;
end $$;

-- Rows that refer to others are looked up when those go: without an index, all of them each time.
create index enrolment_person on enrolment (person_id);
create index not_same_b on not_same (b);
create index follow_up_touch on follow_up (touch_id) where touch_id is not null;
create index item_mark_touch on item_mark (touch_id) where touch_id is not null;
create index tie_other_kind on tie (other_id, kind) where other_id is not null;

-- What an item is of, read from its key here and nowhere else in SQL: core/planner/key.ts is the twin.
alter table item_mark
  add column source text generated always as (split_part(id, ':', 1)) stored,
  add column of_id uuid generated always as (split_part(id, ':', 2)::uuid) stored,
  add column part text generated always as (substr(id, length(split_part(id, ':', 1)) + 39)) stored;
create index item_mark_of on item_mark (of_id);
update change set after = after || jsonb_build_object('source', split_part(row_id, ':', 1),
    'of_id', split_part(row_id, ':', 2), 'part', substr(row_id, length(split_part(row_id, ':', 1)) + 39))
  where table_name = 'item_mark' and after is not null;

-- Plainer names: what the owner dismissed (gaps and suggestions), and beats that go out by themselves.
alter table passed_over rename to dismissed;
update change set table_name = 'dismissed' where table_name = 'passed_over';
update beat set way = 'auto' where way = 'itself';
update cadence_version set draft = replace(draft::text, '"way": "itself"', '"way": "auto"')::jsonb;
update change set before = replace(before::text, '"way": "itself"', '"way": "auto"')::jsonb,
    after = replace(after::text, '"way": "itself"', '"way": "auto"')::jsonb
  where table_name in ('beat', 'cadence_version');

-- Money and numbers are written as the owner writes them.
alter table settings
  add column currency text not null default 'USD' check (currency ~ '^[A-Z]{3}$'),
  add column locale text not null default 'en-US';
update change set before = before || '{"currency": "USD", "locale": "en-US"}', after = after || '{"currency": "USD", "locale": "en-US"}'
  where table_name = 'settings' and op = 'update';

-- Everything that is done later, again, or outside. The key says what it is: the same thing exists once.
create table task (
  key text primary key,
  kind text not null,
  person_id uuid references person_all (id) on delete cascade,
  payload jsonb not null default '{}',
  state text not null default 'ready' check (state in ('ready', 'running', 'done', 'failed')),
  created_at timestamptz not null,
  -- When it may run, or run again.
  run_at timestamptz not null,
  attempts int not null default 0,
  -- A run of which nothing was heard by then is taken for lost, and run again.
  lease_until timestamptz,
  -- What came of the last attempt, in words.
  outcome text not null default ''
);
create index task_due on task (run_at) where state in ('ready', 'running');
create index task_kind on task (kind, created_at desc);
create index task_person on task (person_id) where person_id is not null;

insert into task (key, kind, person_id, payload, state, created_at, run_at, attempts, lease_until, outcome)
  select 'call:' || id, 'call', person_id, jsonb_build_object('serviceId', service_id, 'itemKey', id, 'body', payload),
    case state when 'handed_over' then 'running' when 'delivered' then 'done' else state end,
    created_at, next_at, attempts, case state when 'handed_over' then next_at end, outcome
  from service_call;
drop table service_call;
