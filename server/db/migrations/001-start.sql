-- The owner, their sphere, cadences and touches. Every table that people change has an `id` and is
-- watched, so that each action can be undone (see the end of this file).

create table settings (
  id int primary key check (id = 1),
  owner_name text not null default '',
  time_zone text not null default 'America/Los_Angeles',
  capacity int not null default 10 check (capacity >= 0),
  working_days int[] not null default '{1,2,3,4,5}',
  days_off date[] not null default '{}',
  min_distance_days int not null default 3 check (min_distance_days >= 1),
  grace_days int not null default 14 check (grace_days >= 0)
);
insert into settings (id) values (1);

-- What the program itself remembers between starts, such as how far the demo's day was moved.
create table memo (
  key text primary key,
  value jsonb not null
);

create table circle (
  id uuid primary key,
  name text not null,
  position int not null,
  promise_days int check (promise_days >= 1)
);
insert into circle (id, name, position, promise_days) values
  ('0190a000-0000-7000-8000-000000000001', 'Inner', 0, 30),
  ('0190a000-0000-7000-8000-000000000002', 'Close', 1, 60),
  ('0190a000-0000-7000-8000-000000000003', 'Wider', 2, 90),
  ('0190a000-0000-7000-8000-000000000004', 'Outer', 3, 180);

create table import_batch (
  id uuid primary key,
  file_name text not null,
  at timestamptz not null,
  people int not null,
  left_out int not null,
  undone boolean not null default false
);

create table person (
  id uuid primary key,
  version int not null default 1,
  given_name text not null default '',
  family_name text not null default '',
  goes_by text not null default '',
  company text not null default '',
  email text not null default '',
  phone text not null default '',
  address_line text not null default '',
  city text not null default '',
  region text not null default '',
  postal_code text not null default '',
  place text not null default '',
  birthday text,
  roles text[] not null default '{}',
  source text not null default '',
  circle_id uuid references circle (id),
  own_promise_days int check (own_promise_days >= 1),
  added_on date not null,
  batch_id uuid references import_batch (id),
  -- The name as shown and the folded text that search looks in; written with every change.
  name text not null,
  search_text text not null default ''
);
create index person_circle on person (circle_id);
create index person_batch on person (batch_id) where batch_id is not null;

create extension if not exists pg_trgm;
create index person_search on person using gin (search_text gin_trgm_ops);

create table tag (
  id uuid primary key,
  name text not null
);
create unique index tag_name on tag (lower(name));

create table person_tag (
  id uuid primary key,
  person_id uuid not null references person (id),
  tag_id uuid not null references tag (id),
  unique (person_id, tag_id)
);
create index person_tag_tag on person_tag (tag_id);

create table note (
  id uuid primary key,
  person_id uuid not null references person (id),
  on_day date not null,
  body text not null,
  search_text text not null
);
create index note_person on note (person_id, on_day desc);

create table cadence (
  id uuid primary key,
  version int not null default 1,
  name text not null,
  rounds int check (rounds >= 1),
  gap_days int not null check (gap_days >= 0)
);

create table beat (
  id uuid primary key,
  cadence_id uuid not null references cadence (id),
  position int not null,
  after_days int not null check (after_days >= 0),
  kind text not null,
  words text not null default '',
  day_rule text not null default 'next'
);
create index beat_cadence on beat (cadence_id, position);

create table enrolment (
  id uuid primary key,
  person_id uuid not null references person (id),
  cadence_id uuid not null references cadence (id),
  start_on date not null,
  stopped_on date,
  stop_reason text not null default ''
);
create unique index enrolment_once on enrolment (person_id, cadence_id) where stopped_on is null;
create index enrolment_cadence on enrolment (cadence_id);

create table touch (
  id uuid primary key,
  person_id uuid not null references person (id),
  on_day date not null,
  logged_at timestamptz not null,
  kind text not null,
  outcome text not null,
  hold numeric(3, 2) not null check (hold between 0 and 1),
  note text not null default ''
);
create index touch_person on touch (person_id, on_day desc);
create index touch_day on touch (on_day);

create table follow_up (
  id uuid primary key,
  person_id uuid not null references person (id),
  on_day date not null,
  kind text not null,
  words text not null default '',
  touch_id uuid references touch (id)
);
create index follow_up_person on follow_up (person_id);

-- What became of a planned item, by its key: the same enrolment, beat and round exists once.
create table item_mark (
  id text primary key,
  person_id uuid not null references person (id),
  fate text not null check (fate in ('made', 'skipped', 'put_off')),
  until date,
  enrolment_id uuid references enrolment (id),
  planned_on date,
  touch_id uuid references touch (id)
);
create index item_mark_enrolment on item_mark (enrolment_id, planned_on) where enrolment_id is not null;
create index item_mark_person on item_mark (person_id);

-- What the owner saw on the desk of a day, so that planning again does not shuffle it.
create table desk_pin (
  day date not null,
  position int not null,
  item_key text not null,
  primary key (day, item_key)
);

-- The latest day of each hold per person: all that a promise needs to know of the touches.
-- Kept by triggers; core's `dueDay` reads it, and person_standing mirrors that function.
create table last_touch (
  person_id uuid not null,
  hold numeric(3, 2) not null,
  on_day date not null,
  primary key (person_id, hold)
);

create function refresh_last_touch() returns trigger language plpgsql as $$
begin
  delete from last_touch where person_id in (select person_id from changed_rows);
  insert into last_touch (person_id, hold, on_day)
    select person_id, hold, max(on_day) from touch
    where person_id in (select person_id from changed_rows) group by person_id, hold;
  return null;
end $$;

create function extend_last_touch() returns trigger language plpgsql as $$
begin
  insert into last_touch as l (person_id, hold, on_day)
    select person_id, hold, max(on_day) from changed_rows group by person_id, hold
  on conflict (person_id, hold) do update set on_day = greatest(l.on_day, excluded.on_day);
  return null;
end $$;

create trigger touch_added after insert on touch
  referencing new table as changed_rows for each statement execute function extend_last_touch();
create trigger touch_changed after update on touch
  referencing old table as changed_rows for each statement execute function refresh_last_touch();
create trigger touch_removed after delete on touch
  referencing old table as changed_rows for each statement execute function refresh_last_touch();

-- Mirrors core/touches/promise.ts: dueDay. A test holds the two together.
create view person_standing as
select p.id as person_id,
  coalesce(p.own_promise_days, c.promise_days) as promise_days,
  case when coalesce(p.own_promise_days, c.promise_days) is not null then
    coalesce(
      (select max(l.on_day + round(l.hold * coalesce(p.own_promise_days, c.promise_days))::int)
         from last_touch l where l.person_id = p.id and l.hold > 0),
      p.added_on + s.grace_days)
  end as due_on
from person p
cross join settings s
left join circle c on c.id = p.circle_id;

-- Undo: every action has an id in `penpal.action`; statement triggers note what it changed.
create table action (
  id uuid primary key,
  at timestamptz not null,
  sentence text not null,
  undoes uuid references action (id),
  undone boolean not null default false
);
create index action_at on action (at desc);

create table change (
  seq bigint generated always as identity primary key,
  action_id uuid not null references action (id) on delete cascade,
  table_name text not null,
  op text not null check (op in ('insert', 'update', 'delete')),
  row_id text not null,
  before jsonb,
  after jsonb
);
create index change_action on change (action_id, seq);

create function note_insert() returns trigger language plpgsql as $$
begin
  if coalesce(current_setting('penpal.action', true), '') <> '' then
    insert into change (action_id, table_name, op, row_id)
      select current_setting('penpal.action')::uuid, tg_table_name, 'insert', n.id::text from new_rows n;
  end if;
  return null;
end $$;

create function note_update() returns trigger language plpgsql as $$
begin
  if coalesce(current_setting('penpal.action', true), '') <> '' then
    insert into change (action_id, table_name, op, row_id, before, after)
      select current_setting('penpal.action')::uuid, tg_table_name, 'update', n.id::text, to_jsonb(o), to_jsonb(n)
      from old_rows o join new_rows n on n.id = o.id;
  end if;
  return null;
end $$;

create function note_delete() returns trigger language plpgsql as $$
begin
  if coalesce(current_setting('penpal.action', true), '') <> '' then
    insert into change (action_id, table_name, op, row_id, before)
      select current_setting('penpal.action')::uuid, tg_table_name, 'delete', o.id::text, to_jsonb(o) from old_rows o;
  end if;
  return null;
end $$;

do $$
declare t text;
begin
  foreach t in array array['settings', 'circle', 'import_batch', 'person', 'tag', 'person_tag', 'note',
    'cadence', 'beat', 'enrolment', 'touch', 'follow_up', 'item_mark'] loop
    execute format('create trigger %I after insert on %I referencing new table as new_rows
      for each statement execute function note_insert()', t || '_noted_insert', t);
    execute format('create trigger %I after update on %I referencing old table as old_rows new table as new_rows
      for each statement execute function note_update()', t || '_noted_update', t);
    execute format('create trigger %I after delete on %I referencing old table as old_rows
      for each statement execute function note_delete()', t || '_noted_delete', t);
  end loop;
end $$;
