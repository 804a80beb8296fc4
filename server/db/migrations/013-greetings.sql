-- Of rules that greet by e-mail, with merge fields; a template has its own.
alter table greeting_rule add column subject text not null default '';
update change set before = before || '{"subject": ""}' where table_name = 'greeting_rule' and op = 'delete';

-- The words of one greeting go below the subject of its rule: nobody could write another.
alter table greeting_words drop column subject;
update change set before = before - 'subject', after = after - 'subject' where table_name = 'greeting_words';

-- What each calendar was told of its events, so that a change raises their numbers: two may be told of one home
-- otherwise. It outlives an address that is taken away: that can be undone.
alter table calendar_event rename to told_before;
create table calendar_event (
  feed_id uuid not null,
  uid text not null,
  digest text not null,
  sequence int not null default 0,
  changed_at timestamptz not null,
  primary key (feed_id, uid)
);
insert into calendar_event (feed_id, uid, digest, sequence, changed_at)
  select f.id, e.uid, e.digest, e.sequence, e.changed_at from told_before e cross join calendar_feed f;
drop table told_before;

create index message_held on message (planned_on) include (person_id, mend) where state = 'held';
