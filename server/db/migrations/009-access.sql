-- Devices that are signed in. What machines report: outside undo and the history.
create table session (
  id uuid primary key,
  -- Of the token that the device keeps; the token itself is nowhere.
  token_hash text not null unique,
  -- The passphrase it was signed in with: with another one it is none any more.
  passphrase text not null,
  device text not null,
  made_at timestamptz not null,
  seen_at timestamptz not null,
  ends_at timestamptz not null,
  idle_minutes int not null
);

-- What strangers sent by the web form. It changes nothing before the owner has looked at it.
create table arrival (
  id uuid primary key,
  on_day date not null,
  name text not null,
  email text not null,
  phone text not null,
  message text not null,
  consent boolean not null,
  -- What became of it; null while it waits. With whom it is then.
  fate text check (fate in ('added', 'joined')),
  person_id uuid references person_all (id)
);
create index arrival_waiting on arrival (on_day) where fate is null;
create index arrival_person on arrival (person_id);

select watch('arrival');

-- Services whose address the owner says is inside this machine or its network. Secrets are sealed with
-- the key file from here on; what the history holds of them was not, and can't be undone any more.
alter table service add column inside boolean not null default false;
delete from change where table_name = 'service';

-- What was done stands in the order in which it happened, whatever the clock said.
alter table action add column seq bigint;
update action a set seq = o.n from (select id, row_number() over (order by at, id) as n from action) o where o.id = a.id;
create sequence action_seq owned by action.seq;
select setval('action_seq', (select coalesce(max(seq), 0) + 1 from action), false);
alter table action alter column seq set default nextval('action_seq'), alter column seq set not null;
create unique index action_by_seq on action (seq desc);
drop index action_at;
alter table import_batch add column seq bigint;
update import_batch b set seq = o.n from (select id, row_number() over (order by at, id) as n from import_batch) o where o.id = b.id;
create sequence import_batch_seq owned by import_batch.seq;
select setval('import_batch_seq', (select coalesce(max(seq), 0) + 1 from import_batch), false);
alter table import_batch alter column seq set default nextval('import_batch_seq'), alter column seq set not null;

-- The same request, sent again under the same key, is answered as it was and not done again: what it asked
-- (a hash) and what was answered.
alter table action add column request_key text, add column asked text, add column answer jsonb;
create unique index action_request on action (request_key) where request_key is not null;

-- So that a second window overwrites no note that was changed meanwhile.
alter table note add column version int not null default 1;
