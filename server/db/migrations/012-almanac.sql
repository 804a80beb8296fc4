-- How whoever a rule is for is greeted on an occasion. Of several rules that fit, the first greets.
create table greeting_rule (
  id uuid primary key,
  version int not null default 1,
  position int not null,
  -- 'birthday', 'named.moved in', 'holiday.thanksgiving day' …: see core/almanac/occasion.ts.
  occasion text not null,
  -- Only people of these circles; of any where there are none.
  circles uuid[] not null default '{}',
  -- Of one that was deleted nobody is in it.
  view_id uuid,
  years text not null default 'all' check (years in ('all', 'round', 'plain')),
  kind text not null,
  way text not null default 'hand' check (way in ('hand', 'auto')),
  lead_days int not null default 0 check (lead_days between 0 and 60),
  day_rule text not null default 'previous',
  -- With merge fields; a template's where there is one.
  words text not null default '',
  template_id uuid references template (id),
  active boolean not null default true,
  -- What was before this day is none of its business.
  since date not null
);
create index greeting_rule_template on greeting_rule (template_id) where template_id is not null;
select watch('greeting_rule');

-- On which occasions, or which dates, somebody is not to be greeted; '' is any. No reason is kept.
create table hushed (
  id uuid primary key,
  person_id uuid not null references person_all (id),
  occasion text not null,
  unique (person_id, occasion)
);
select watch('hushed');

-- The words of one greeting, where they are other than its rule's; by the key of the greeting.
create table greeting_words (
  id text primary key,
  person_id uuid not null references person_all (id),
  subject text not null default '',
  words text not null
);
create index greeting_words_person on greeting_words (person_id);
select watch('greeting_words');

-- Whether birthdays of a home that lie near each other are greeted as one; null for not asked yet.
alter table household add column together boolean;

-- Addresses at which calendars are read; the address itself is kept as a digest.
create table calendar_feed (
  id uuid primary key,
  name text not null,
  token_digest text not null unique,
  -- 'dates', 'touches' or both; of a circle or of a view.
  shows text[] not null,
  circle_id uuid,
  view_id uuid,
  -- Minutes before the day begins (negative: after it has begun) at which an alarm sounds; null for none.
  alarm_minutes int,
  made_on date not null
);
select watch('calendar_feed');

-- What calendars were told of each event, so that a change raises its number.
create table calendar_event (
  uid text primary key,
  digest text not null,
  sequence int not null default 0,
  changed_at timestamptz not null
);

alter table settings
  -- Faiths whose feasts the almanac shows.
  add column faiths text[] not null default '{}',
  -- How cards and letters are sent, and the working days between writing and handing over.
  add column mail_class text not null default 'first' check (mail_class in ('first', 'marketing')),
  add column production_days int not null default 1 check (production_days between 0 and 30);

alter table message
  -- What its occasion says: the merge fields that are not the person's.
  add column occasion jsonb not null default '{}',
  -- It belongs to its day, worked or not, and is not sent after this one; null for a few days' grace.
  add column good_until date;

-- What needs the owner, the latest first: counted without reading the messages.
create index message_waiting on message (planned_on desc, id) include (person_id, mend, state)
  where state in ('held', 'failed');
