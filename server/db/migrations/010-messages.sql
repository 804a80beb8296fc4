-- Who writes: what the owner's merge fields stand for, and what stands below e-mails.
alter table settings
  add column owner_email text not null default '',
  add column owner_phone text not null default '',
  add column owner_company text not null default '',
  add column owner_address text not null default '',
  add column signature text not null default '';

-- What takes messages away and brings answers: a mail server, a mailbox, a text gateway.
create table carrier (
  id uuid primary key,
  kind text not null unique check (kind in ('mail', 'mailbox', 'texts')),
  setup jsonb not null,
  -- Passwords and keys, sealed with the key file.
  secret text not null default ''
);
select watch('carrier');

-- Messages, each to one person. What machines report of them changes them: outside undo.
create table message (
  id uuid primary key,
  -- What it is, such as a beat in a round: the same thing exists once.
  key text not null unique,
  person_id uuid not null references person_all (id),
  kind text not null check (kind in ('email', 'text')),
  addresses text[] not null,
  subject text not null,
  -- The words as they are sent.
  words text not null,
  -- held: it needs the owner; ready: it goes at go_at; handing: marked before it is handed over; gone:
  -- a carrier has taken it.
  state text not null check (state in ('held', 'ready', 'handing', 'gone', 'failed', 'cancelled')),
  -- Why it is held, failed or was cancelled, in a sentence; and what would mend it.
  why text not null default '',
  mend text not null default '',
  -- What brought it: the name of its cadence; empty for what the owner wrote.
  cadence text not null default '',
  beat_id uuid,
  -- What of the desk is done with it; empty for none.
  item_key text not null default '',
  by_itself boolean not null,
  planned_on date not null,
  made_at timestamptz not null,
  go_at timestamptz,
  -- The owner wants it gone now, whatever the hour.
  at_once boolean not null default false,
  attempts int not null default 0,
  gone_at timestamptz,
  -- What the carrier calls it.
  carrier_ref text not null default '',
  touch_id uuid,
  -- What came back, the weightiest.
  fate text not null default '' check (fate in ('', 'delivered', 'opened', 'clicked', 'answered', 'bounced', 'complained', 'opted_out')),
  version int not null default 1
);
create index message_person on message (person_id);
create index message_item on message (item_key) where item_key <> '';
create index message_due on message (go_at, id) where state = 'ready';
create index message_state on message (state, planned_on, id) where state in ('held', 'ready', 'handing', 'failed');
create index message_gone on message (gone_at desc, id desc) where state = 'gone';
-- What is no touch yet.
create index message_untouched on message (id) where state = 'gone' and touch_id is null;
create index message_ref on message (carrier_ref) where carrier_ref <> '';

-- What is reported of a message, each report once.
create table message_event (
  id uuid primary key,
  key text not null unique,
  message_id uuid not null references message (id) on delete cascade,
  kind text not null,
  at timestamptz not null,
  detail text not null default ''
);
create index message_event_message on message_event (message_id);

-- What came in by mail or text, each once; with whom it is, as far as that is known.
create table incoming (
  id uuid primary key,
  key text not null unique,
  kind text not null check (kind in ('email', 'text')),
  from_address text not null,
  from_name text not null default '',
  subject text not null default '',
  words text not null,
  at timestamptz not null,
  verdict text not null check (verdict in ('answer', 'automatic', 'report', 'opt_out', 'opt_in')),
  person_id uuid references person_all (id),
  message_id uuid references message (id) on delete set null,
  put_away boolean not null default false,
  touch_id uuid
);
create index incoming_person on incoming (person_id);
-- Answers that are no touch yet.
create index incoming_untouched on incoming (id) where verdict = 'answer' and touch_id is null and person_id is not null;
create index incoming_at on incoming (at desc, id desc);

-- Addresses to which nothing goes any more, because it came back for good.
create table stopped_address (
  address text primary key,
  at timestamptz not null,
  why text not null,
  person_id uuid references person_all (id)
);
create index stopped_address_person on stopped_address (person_id);

-- What was due to go by itself while nothing could be sent is not sent late.
update item_mark m set fate = 'missed' from beat b
  where m.fate = 'waiting' and b.id::text = split_part(m.part, ':', 1) and b.kind in ('email', 'text');

-- What went by itself was no work of the owner's: it takes none of a day's room.
alter table touch add column by_itself boolean not null default false;
