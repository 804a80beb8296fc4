-- Words that are used in several places; e-mails, texts, letters, cards and notes for calls.
create table template (
  id uuid primary key,
  version int not null default 1,
  kind text not null check (kind in ('email', 'text', 'letter', 'card', 'call')),
  name text not null,
  -- [{id, subject, words, html}]: what takes turns. The words of a rich one are what its HTML says.
  wordings jsonb not null,
  -- Kept files that go with an e-mail.
  files uuid[] not null default '{}'
);
select watch('template');

-- What a template was before each change.
create table template_version (
  id uuid primary key,
  template_id uuid not null references template (id),
  version int not null,
  saved_at timestamptz not null,
  draft jsonb not null
);
create unique index template_version_at on template_version (template_id, version);
select watch('template_version');

-- A beat says its own words, or a template's.
alter table beat add column template_id uuid references template (id);
create index beat_template on beat (template_id) where template_id is not null;

-- Which wording of a template somebody had last: they do not get it twice running.
create table wording_used (
  person_id uuid not null references person_all (id),
  template_id uuid not null references template (id) on delete cascade,
  wording_id uuid not null,
  at timestamptz not null,
  primary key (person_id, template_id)
);
create index wording_used_template on wording_used (template_id);

-- Pictures in words, and what goes with e-mails. A file never changes.
create table kept_file (
  id uuid primary key,
  name text not null,
  type text not null,
  size int not null,
  width int,
  height int,
  made_at timestamptz not null,
  bytes bytea not null
);

alter table message
  -- Rich words as they are sent; empty for plain ones.
  add column html text not null default '',
  add column files uuid[] not null default '{}',
  add column template_id uuid,
  add column wording_id uuid;

-- Whether e-mails tell that they were opened, and their links that they were followed.
alter table settings
  add column sees_opens boolean not null default false,
  add column sees_clicks boolean not null default false;
