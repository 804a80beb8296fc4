-- Holidays, whom an action was about, cadences fed by a view, people put on a rota by hand.

alter table settings
  -- ISO 3166 of the country whose public holidays are days off; none when empty.
  add column country text not null default '',
  -- The part of the country, where it has holidays of its own.
  add column region text not null default '',
  -- Names of public holidays that are worked all the same.
  add column holidays_worked text[] not null default '{}';

alter table action
  -- The people whose plans it can have changed, when they were few; null for everybody's.
  add column about uuid[];

alter table beat
  -- What it does by itself that is no touch (core/cadences: Errand).
  add column errand jsonb;

-- `ran`: an errand that was done; `missed`: would have gone out by itself, and was too late.
alter table item_mark drop constraint item_mark_fate_check;
alter table item_mark add constraint item_mark_fate_check
  check (fate in ('made', 'skipped', 'put_off', 'passed', 'waiting', 'ran', 'missed'));

alter table cadence
  -- A view whose people join by themselves, so many on each working day; null for all at once.
  add column fed_by uuid references saved_view (id),
  add column fed_per_day int default 3 check (fed_per_day >= 1);

-- Who put somebody on a cadence: the owner or another cadence, the letter rota, or a view that feeds it.
alter table enrolment add column origin text not null default 'hand'
  check (origin in ('hand', 'rota', 'view'));
update enrolment e set origin = 'rota' from rota r where r.cadence_id = e.cadence_id;

-- Outside services that cadences tell of people, over HTTP.
create table service (
  id uuid primary key,
  name text not null,
  url text not null,
  -- Signs each call (Standard Webhooks): 'whsec_' and a key in base64.
  secret text not null
);
create unique index service_name on service (lower(name));

-- Calls to services. Not the owner's doing but the calendar's, and therefore not undone.
create table service_call (
  -- The key of the beat: the same call exists once, and the service can refuse it a second time.
  id text primary key,
  service_id uuid not null references service (id),
  person_id uuid not null references person (id) on delete cascade,
  payload jsonb not null,
  created_at timestamptz not null,
  state text not null check (state in ('ready', 'handed_over', 'delivered', 'failed')),
  attempts int not null default 0,
  -- When it is tried, or tried again.
  next_at timestamptz not null,
  -- What came of the last attempt, in words.
  outcome text not null default ''
);
create index service_call_due on service_call (next_at) where state in ('ready', 'handed_over');
create index service_call_service on service_call (service_id, created_at desc);

do $$
declare t text;
begin
  foreach t in array array['service'] loop
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
