-- After so many tries in a row without an answer another way is planned.
alter table settings add column most_tries int not null default 3 check (most_tries between 1 and 20);
create index touch_unanswered on touch (person_id) where outcome = 'no_answer';
