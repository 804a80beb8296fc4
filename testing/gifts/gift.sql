create table gift (
  id uuid primary key,
  person_id uuid not null references person_all (id),
  on_day date not null,
  what text not null,
  cost_minor bigint not null default 0
);
create index gift_person on gift (person_id);
select watch('gift');
