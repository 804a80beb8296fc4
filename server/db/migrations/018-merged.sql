-- Undoing a merge gives back to each person what was theirs, rows that machines reported among it. Of these
-- only the move from person to person is noted.
create function note_moved() returns trigger language plpgsql as $$
begin
  if coalesce(current_setting('penpal.action', true), '') <> '' then
    insert into change (action_id, table_name, op, row_id, before, after)
      values (current_setting('penpal.action')::uuid, tg_table_name, 'update', new.id::text,
        jsonb_build_object('person_id', old.person_id), jsonb_build_object('person_id', new.person_id));
  end if;
  return null;
end $$;

-- Watches whose the rows of a table are, where machines write it: select watch_person('reply').
create function watch_person(t text) returns void language plpgsql as $$
begin
  execute format('create trigger %I after update of person_id on public.%I for each row
    when (old.person_id is distinct from new.person_id) execute function note_moved()', t || '_moved', t);
end $$;

alter table task add column id uuid not null unique default gen_random_uuid();
alter table suppressed_address add column id uuid not null unique default gen_random_uuid();
alter table wording_used add column id uuid not null unique default gen_random_uuid();
select watch_person('task');
select watch_person('suppressed_address');
select watch_person('wording_used');
select watch_person('incoming');
