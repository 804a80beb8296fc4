-- Writes by the key that their request carried (Idempotency-Key), each kept in the transaction of the
-- first thing that it wrote, so that a request that is repeated after a crash or a restart is done once.
create table request (
  key text primary key,
  -- A digest of what was asked: a key is used for one request only.
  hash text not null,
  at timestamptz not null,
  -- The final response; null until it is known, and where it holds a secret that we don't store.
  status int,
  answer jsonb
);
create index request_at on request (at);

-- Until now a key stood with the action, which answered for the whole request. The responses of those
-- that did more than their action would be wrong, so only that they were done is known of them.
insert into request (key, hash, at) select request_key, asked, at from action
  where request_key is not null and asked is not null;
drop index action_request;
alter table action drop column asked, drop column answer;

-- Which process has the database: every one that takes it raises the epoch, and each write checks in its
-- own transaction that it is still the same.
create table instance (
  id int primary key default 1 check (id = 1),
  epoch bigint not null default 0
);
insert into instance default values;
