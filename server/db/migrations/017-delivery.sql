-- Everything that leaves Pen Pal is a delivery: one piece to one recipient over one channel.
alter table message rename to delivery;
alter table delivery rename column kind to channel;
alter table delivery rename column go_at to send_at;
alter table delivery rename column gone_at to sent_at;
alter table delivery rename column mend to remedy;
alter table delivery rename column fate to outcome;
alter table delivery rename column by_itself to automatic;
-- Which channels there are is for the subjects that bring them to say.
alter table delivery drop constraint message_kind_check, drop constraint message_state_check;

-- When it was meant to go, whatever was tried since: what is too late by then comes back to the owner.
alter table delivery add column due_at timestamptz;

update delivery set state = case state when 'handing' then 'sending' when 'gone' then 'sent' else state end
  where state in ('handing', 'gone');
-- Written while no weekday was a working day, these had no time and would never have gone.
update delivery set send_at = now() where state = 'ready' and send_at is null;
update delivery set due_at = coalesce(send_at, planned_on::timestamptz);
alter table delivery
  alter column due_at set not null,
  add constraint delivery_state check (state in ('held', 'ready', 'sending', 'sent', 'failed', 'cancelled')),
  add constraint delivery_has_time check (state <> 'ready' or send_at is not null);

-- What deliveries were made for together: a mailing to many, a beat on a day, the greetings of a rule.
create table batch (
  id uuid primary key,
  -- What it is; the same thing exists once.
  key text not null unique,
  -- What the owner calls it.
  label text not null,
  channel text not null,
  made_at timestamptz not null,
  -- Nothing of it goes while it is still being written.
  writing boolean not null default false,
  -- At most so many a minute; null for what the carrier takes.
  per_minute int check (per_minute >= 1),
  version int not null default 1
);
select watch('batch');
alter table delivery add column batch_id uuid references batch (id);
create index delivery_batch on delivery (batch_id) where batch_id is not null;
create index batch_writing on batch (id) where writing;
create index batch_made on batch (made_at desc);

-- Rich words with their merge fields, each stored once however many it goes to; a delivery has the values
-- that it fills them with. No values: the words are filled in already.
create table content (
  id uuid primary key,
  digest text not null unique,
  html text not null
);
alter table delivery
  add column content_id uuid references content (id),
  add column merge_values jsonb;
insert into content (id, digest, html)
  select gen_random_uuid(), encode(sha256(convert_to(html, 'UTF8')), 'hex'), html
  from (select distinct html from delivery where html <> '') as h;
update delivery d set content_id = c.id from content c
  where d.html <> '' and c.digest = encode(sha256(convert_to(d.html, 'UTF8')), 'hex');
-- Of what could not be filled in yet the words are still as they were written.
update delivery set merge_values = '{}' where content_id is not null and state = 'held' and remedy = 'words';
alter table delivery drop column html;
create index delivery_content on delivery (content_id) where content_id is not null;

alter index message_person rename to delivery_person;
alter index message_item rename to delivery_item;
alter index message_ref rename to delivery_ref;
alter index message_waiting rename to delivery_waiting;
drop index message_due, message_state, message_gone, message_held, message_untouched;
create index delivery_due on delivery (send_at, id) where state = 'ready';
create index delivery_state on delivery (state, planned_on, id) where state in ('held', 'ready', 'sending', 'failed');
create index delivery_sent on delivery (sent_at desc, id desc) where state = 'sent';
create index delivery_held on delivery (planned_on) include (person_id, remedy) where state = 'held';
create index delivery_untouched on delivery (id) where state = 'sent' and touch_id is null;

-- What the owner does with deliveries is an action and can be undone; what machines do is not noted.
select watch('delivery');

alter table message_event rename to delivery_event;
alter table delivery_event rename column message_id to delivery_id;
alter index message_event_message rename to delivery_event_delivery;
alter table incoming rename column message_id to delivery_id;
alter table incoming drop constraint incoming_kind_check;
alter table stopped_address rename to suppressed_address;

alter table touch rename column by_itself to automatic;
update change set
  before = case when before ? 'by_itself' then before - 'by_itself' || jsonb_build_object('automatic', before -> 'by_itself') else before end,
  after = case when after ? 'by_itself' then after - 'by_itself' || jsonb_build_object('automatic', after -> 'by_itself') else after end
  where table_name = 'touch';

-- A touch that holds nothing changes no standing, and thousands of emails to many hold nothing.
create or replace function extend_last_touch() returns trigger language plpgsql as $$
declare ids uuid[];
begin
  insert into last_touch as l (person_id, hold, on_day)
    select person_id, hold, max(on_day) from changed_rows group by person_id, hold
  on conflict (person_id, hold) do update set on_day = excluded.on_day where l.on_day < excluded.on_day;
  execute 'select array_agg(distinct person_id) from changed_rows where hold > 0' into ids;
  perform standings_changed(ids);
  return null;
end $$;
