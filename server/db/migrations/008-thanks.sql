-- Thanks for a referral: the way they are planned (null for not at all), and for whom one is.
alter table settings add column thanks_kind text default 'card';
alter table follow_up add column thanks_for uuid references person_all (id) on delete cascade;
create unique index follow_up_thanks on follow_up (thanks_for) where thanks_for is not null;

-- Which cadence begins when work of that kind (its name, folded) is completed; null for none. Asked once.
create table work_cadence (
  id uuid primary key,
  kind text not null unique,
  cadence_id uuid references cadence (id) on delete cascade,
  decided_on date not null
);
alter table enrolment drop constraint enrolment_origin_check;
alter table enrolment add constraint enrolment_origin_check
  check (origin in ('hand', 'rota', 'view', 'work'));

do $$
declare t text;
begin
  foreach t in array array['work_cadence'] loop
    execute format('create trigger %I after insert on %I referencing new table as new_rows
      for each statement execute function note_insert()', t || '_noted_insert', t);
    execute format('create trigger %I after update on %I referencing old table as old_rows new table as new_rows
      for each statement execute function note_update()', t || '_noted_update', t);
    execute format('create trigger %I after delete on %I referencing old table as old_rows
      for each statement execute function note_delete()', t || '_noted_delete', t);
  end loop;
end $$;

-- Hours in which nobody is called, nor written to by itself, where they live.
alter table settings add column quiet_from text not null default '21:00';
alter table settings add column quiet_until text not null default '08:00';
