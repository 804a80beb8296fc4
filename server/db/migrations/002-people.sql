-- The whole record of a person, with what hangs on it: lists of the owner's own, ties, households,
-- work, photos, saved views.

alter table person
  add column prefix text not null default '',
  add column middle_name text not null default '',
  add column suffix text not null default '',
  add column job_title text not null default '',
  -- Several of each, the first is the one used: [{value, label}]; of addresses it is the mailing address.
  add column emails jsonb not null default '[]',
  add column phones jsonb not null default '[]',
  add column addresses jsonb not null default '[]',
  add column links jsonb not null default '[]',
  -- Named dates beside the birthday: [{name, on}], on as 'MM-DD' or 'YYYY-MM-DD'.
  add column dates jsonb not null default '[]',
  add column interests text[] not null default '{}',
  add column standing text not null default '',
  add column preferred text not null default '',
  add column language text not null default '',
  add column favourite boolean not null default false,
  add column would_refer text check (would_refer in ('yes', 'perhaps', 'no')),
  add column would_refer_on date,
  -- Values of the owner's own fields by the id of the field.
  add column own jsonb not null default '{}',
  -- By channel: {answer: 'yes' | 'no', on, came_from}; not asked is not there.
  add column consent jsonb not null default '{}',
  add column archived_on date,
  add column deleted_on date,
  add column merged_into uuid,
  add column household_id uuid,
  -- Set when the owner split them off: they are not put into a household again by themselves.
  add column lives_apart boolean not null default false,
  add column photo_id uuid,
  -- What same-person detection looks up and what names sound like; core computes both.
  add column keys_version int not null default 0,
  add column match_keys text[] not null default '{}',
  add column sounds text[] not null default '{}',
  -- Folded family name, then the name as shown: the order of lists, the same on every machine.
  add column sort_name text not null default '';

update person set
  emails = case when email = '' then '[]' else jsonb_build_array(jsonb_build_object('value', email, 'label', '')) end,
  phones = case when phone = '' then '[]' else jsonb_build_array(jsonb_build_object('value', phone, 'label', '')) end,
  addresses = case when address_line || city || region || postal_code || place = '' then '[]' else
    jsonb_build_array(jsonb_build_object('label', '', 'line', address_line, 'city', city, 'region', region,
      'postalCode', postal_code, 'country', '', 'place', place, 'lat', null, 'lon', null)) end;

-- The first of each, for lists, filters and the planner.
alter table person
  drop column email, drop column phone, drop column address_line, drop column city,
  drop column region, drop column postal_code, drop column place;
alter table person
  add column email text generated always as (coalesce(emails -> 0 ->> 'value', '')) stored,
  add column phone text generated always as (coalesce(phones -> 0 ->> 'value', '')) stored,
  add column address_line text generated always as (coalesce(addresses -> 0 ->> 'line', '')) stored,
  add column city text generated always as (coalesce(addresses -> 0 ->> 'city', '')) stored,
  add column region text generated always as (coalesce(addresses -> 0 ->> 'region', '')) stored,
  add column postal_code text generated always as (coalesce(addresses -> 0 ->> 'postalCode', '')) stored,
  add column place text generated always as (coalesce(addresses -> 0 ->> 'place', '')) stored,
  add column lat float8 generated always as ((addresses -> 0 ->> 'lat')::float8) stored,
  add column lon float8 generated always as ((addresses -> 0 ->> 'lon')::float8) stored;

create index person_order on person (sort_name collate "C", id);
create index person_match on person using gin (match_keys);
create index person_sounds on person using gin (sounds);
create index person_household on person (household_id) where household_id is not null;

-- The action that brought a batch in: what it wrote is not a history of its own.
alter table import_batch add column action_id uuid;

create table household (
  id uuid primary key,
  -- What the owner wrote instead of the computed salutations; empty for computed.
  formal text not null default '',
  familiar text not null default ''
);
alter table person add foreign key (household_id) references household (id);

-- Everybody in the sphere; the archived and the deleted keep no promise.
create or replace view person_standing as
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
left join circle c on c.id = p.circle_id
where p.archived_on is null and p.deleted_on is null;

-- The owner's lists. A person holds the name, so renaming changes everybody who has it.
create table list_entry (
  id uuid primary key,
  list text not null check (list in ('role', 'standing', 'source')),
  name text not null,
  position int not null,
  pinned boolean not null default false,
  retired boolean not null default false
);
create unique index list_entry_name on list_entry (list, lower(name));
insert into list_entry (id, list, name, position) values
  ('0190a000-0000-7000-8000-000000000011', 'role', 'Past client', 0),
  ('0190a000-0000-7000-8000-000000000012', 'role', 'Referral source', 1),
  ('0190a000-0000-7000-8000-000000000013', 'role', 'Vendor', 2),
  ('0190a000-0000-7000-8000-000000000014', 'role', 'Friend', 3),
  ('0190a000-0000-7000-8000-000000000015', 'role', 'Family', 4),
  ('0190a000-0000-7000-8000-000000000021', 'standing', 'New', 0),
  ('0190a000-0000-7000-8000-000000000022', 'standing', 'Thinking about it', 1),
  ('0190a000-0000-7000-8000-000000000023', 'standing', 'Working together', 2),
  ('0190a000-0000-7000-8000-000000000024', 'standing', 'Settled', 3),
  ('0190a000-0000-7000-8000-000000000031', 'source', 'Referral', 0),
  ('0190a000-0000-7000-8000-000000000032', 'source', 'Met in person', 1),
  ('0190a000-0000-7000-8000-000000000033', 'source', 'Web form', 2);
insert into list_entry (id, list, name, position)
  select gen_random_uuid(), 'role', role, 100 from (select distinct unnest(roles) as role from person) r
  on conflict do nothing;
insert into list_entry (id, list, name, position)
  select gen_random_uuid(), 'source', source, 100 from (select distinct source from person where source <> '') r
  on conflict do nothing;

alter table circle
  add column pinned boolean not null default false,
  add column retired boolean not null default false;
alter table tag
  add column position int not null default 0,
  add column pinned boolean not null default false,
  add column retired boolean not null default false;

create table own_field (
  id uuid primary key,
  name text not null,
  type text not null check (type in ('text', 'number', 'money', 'date', 'choice', 'flag')),
  choices text[] not null default '{}',
  position int not null,
  pinned boolean not null default false,
  retired boolean not null default false
);
create unique index own_field_name on own_field (lower(name));

alter table note
  add column pinned boolean not null default false,
  add column tags text[] not null default '{}';
create index note_search on note using gin (search_text gin_trgm_ops);

-- Linked people, or just names. One row shows on both sheets; 'child' reads from parent to child,
-- 'referred_by' from the one who came to the one who sent them.
create table tie (
  id uuid primary key,
  person_id uuid not null references person (id),
  other_id uuid references person (id),
  other_name text not null default '',
  kind text not null check (kind in ('partner', 'child', 'pet', 'sibling', 'friend', 'colleague', 'referred_by')),
  birthday text,
  words text not null default '',
  check (person_id is distinct from other_id),
  check (other_id is not null or other_name <> '')
);
create index tie_person on tie (person_id);
create index tie_other on tie (other_id) where other_id is not null;
create unique index tie_once on tie (person_id, other_id, kind) where other_id is not null;

create table photo (
  id uuid primary key,
  person_id uuid not null references person (id),
  mime text not null,
  bytes bytea not null
);
create index photo_person on photo (person_id);

create table job (
  id uuid primary key,
  person_id uuid not null references person (id),
  name text not null,
  stage text not null default '',
  -- Minor units of the owner's currency.
  value_minor bigint,
  fee_minor bigint,
  completed_on date
);
create index job_person on job (person_id);

create table saved_view (
  id uuid primary key,
  name text not null,
  filter jsonb not null,
  sort text not null,
  position int not null,
  pinned boolean not null default false,
  hidden boolean not null default false
);

-- Pairs that the owner looked at and found to be two people; a < b.
create table not_same (
  id uuid primary key,
  a uuid not null references person (id),
  b uuid not null references person (id),
  unique (a, b)
);

-- How the web form is worded and whether it is open.
alter table settings add column intake jsonb;

-- Gaps and suggestions that the owner passed over: 'gap:birthday', 'tag:<id>'.
create table passed_over (
  id uuid primary key,
  person_id uuid not null references person (id),
  what text not null,
  unique (person_id, what)
);

do $$
declare t text;
begin
  foreach t in array array['household', 'list_entry', 'own_field', 'tie', 'photo', 'job', 'saved_view',
    'not_same', 'passed_over'] loop
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

-- A touch that moves to another person (when two are merged) counts for the one and not the other.
create function refresh_moved_touch() returns trigger language plpgsql as $$
begin
  delete from last_touch where person_id in
    (select person_id from old_touches union select person_id from new_touches);
  insert into last_touch (person_id, hold, on_day)
    select person_id, hold, max(on_day) from touch
    where person_id in (select person_id from old_touches union select person_id from new_touches)
    group by person_id, hold;
  return null;
end $$;
drop trigger touch_changed on touch;
create trigger touch_changed after update on touch
  referencing old table as old_touches new table as new_touches
  for each statement execute function refresh_moved_touch();
