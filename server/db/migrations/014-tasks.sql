-- Runs and failures are counted apart: the wait before a retry follows failures in a row, not how
-- often a task has run.
alter table task rename attempts to runs;
alter table task add column failures int not null default 0;
-- Added again while it was running: it runs once more when it is over.
alter table task add column rerun boolean not null default false;
update task set rerun = true, payload = payload - 'woken' where payload ? 'woken';
update task set failures = least(runs, 5) where state = 'ready' and kind = 'call';
