-- Cadences with days of the calendar and of the person, rounds that follow on, hand-overs, versions,
-- pauses and the letter rota.

alter table cadence
  -- Short advice on consent and frequency, shown where people are enrolled.
  add column advice text not null default '',
  add column follow_on boolean not null default false,
  add column hand_over_to uuid references cadence (id),
  add column hand_over_wait int not null default 0 check (hand_over_wait >= 0),
  -- Switched off, it plans nothing for anybody until it is switched on.
  add column active boolean not null default true;

alter table beat
  -- core/cadences/timing.ts: Timing
  add column timing jsonb,
  add column wordings jsonb not null default '[]',
  add column way text not null default 'hand';
update beat set timing = jsonb_build_object('on', 'after', 'days', after_days),
  wordings = case when words = '' then '[]' else jsonb_build_array(words) end;
alter table beat
  alter column timing set not null,
  drop column after_days,
  drop column words;

-- What a cadence was before each change.
create table cadence_version (
  id uuid primary key,
  cadence_id uuid not null references cadence (id),
  version int not null,
  saved_at timestamptz not null,
  draft jsonb not null
);
create index cadence_version_cadence on cadence_version (cadence_id, version desc);

alter table enrolment
  -- The round that is counted from `anchor_on`: later than the first when rounds follow on from the
  -- day really done, or the schedule was carried on after a pause.
  add column anchor_round int not null default 0,
  add column anchor_on date,
  -- Beats up to this day are passed over, be they made or not.
  add column settled_until date,
  add column paused_on date,
  add column finished_on date,
  add column open boolean generated always as (stopped_on is null and finished_on is null) stored;
update enrolment set anchor_on = start_on;
alter table enrolment alter column anchor_on set not null;
drop index enrolment_once;
create unique index enrolment_once on enrolment (person_id, cadence_id) where open;

-- `passed`: overtaken by the next one; `waiting`: goes out by itself once sending is set up.
alter table item_mark drop constraint item_mark_fate_check;
alter table item_mark add constraint item_mark_fate_check
  check (fate in ('made', 'skipped', 'put_off', 'passed', 'waiting'));
create index item_mark_put_off on item_mark (id) where fate = 'put_off';
create index item_mark_waiting on item_mark (planned_on) where fate = 'waiting';
alter table item_mark
  -- Another kind that the owner swapped it for.
  add column kind text;

-- A cadence that calls the sphere by initials, some letters each week (core/rota).
create table rota (
  id uuid primary key,
  cadence_id uuid not null references cadence (id) unique,
  name_part text not null check (name_part in ('family', 'given')),
  particles text not null check (particles in ('first', 'main')),
  weeks int not null check (weeks between 1 and 104),
  letters_a_week int not null check (letters_a_week between 1 and 26),
  first_monday date not null,
  -- The letters that are split, with the second letter that begins the second part.
  cuts jsonb not null default '{}',
  -- The week of each group, in the order of core's letterGroups.
  assigned int[] not null,
  -- Whom it calls: a filter over people.
  who jsonb not null default '{}'
);

alter table settings
  -- Null for no limit.
  add column minutes_per_day int check (minutes_per_day >= 0),
  -- What each kind of touch takes, costs and holds, where it is not as it comes (core/touches).
  add column kinds jsonb not null default '{}',
  add column leap_day text not null default 'feb28' check (leap_day in ('feb28', 'mar1'));

alter table desk_pin
  add column kind text not null default 'call',
  add column person_id uuid;

do $$
declare t text;
begin
  foreach t in array array['cadence_version', 'rota'] loop
    execute format('create trigger %I after insert on %I referencing new table as new_rows
      for each statement execute function note_insert()', t || '_noted_insert', t);
    execute format('create trigger %I after update on %I referencing old table as old_rows new table as new_rows
      for each statement execute function note_update()', t || '_noted_update', t);
    execute format('create trigger %I after delete on %I referencing old table as old_rows
      for each statement execute function note_delete()', t || '_noted_delete', t);
  end loop;
end $$;

-- What was noted of earlier actions has the shape of before; undo begins anew from here.
delete from action;
