import type { CallInput } from '@/contract/endpoint';
import type { addJob, editJob } from '@/contract/story';
import { plainDate } from '@/core/time';

import { act, type Effects } from '../../act';
import { notFound } from '../../api';
import type { Context } from '../../context';
import { maybeOne, newId, recordset, type Sql } from '../../db';
import { findOrRefuse } from '../find/find';

interface JobRow {
  id: string;
  person_id: string;
  name: string;
  stage: string;
  value_minor: number | null;
  fee_minor: number | null;
  completed_on: string | null;
}

/** A day of work done is one that beats can be planned around. */
const done = (personId: string): Effects => ({ plan: [personId], topics: ['people'] });

/** The pieces of work of a person: what is under way, then the latest completed. */
export async function jobsOf(sql: Sql, personId: string) {
  const rows = await sql.query<JobRow>(
    `select id, name, stage, value_minor, fee_minor, completed_on from job
     where person_id = $1::uuid order by completed_on desc nulls first, id desc`,
    [personId],
  );
  return rows.map((row) => ({
    id: row.id,
    name: row.name,
    stage: row.stage,
    valueMinor: row.value_minor,
    feeMinor: row.fee_minor,
    completedOn: row.completed_on === null ? null : plainDate(row.completed_on),
  }));
}

/** Writes work done for many, unless work of that name stands on that day already. */
export const insertJobs = async (
  sql: Sql,
  jobs: readonly {
    personId: string;
    name: string;
    stage: string;
    completedOn: string | null;
    valueMinor: number | null;
    feeMinor: number | null;
  }[],
): Promise<void> => {
  if (jobs.length === 0) return;
  await sql.query(
    `insert into job (id, person_id, name, stage, completed_on, value_minor, fee_minor)
     select w.id, w."personId", w.name, w.stage, w."completedOn", w."valueMinor", w."feeMinor"
     from json_to_recordset($1::json) as w (id uuid, "personId" uuid, name text, stage text, "completedOn" date,
       "valueMinor" bigint, "feeMinor" bigint)
     where not exists (select 1 from job j where j.person_id = w."personId"
       and j.completed_on is not distinct from w."completedOn" and lower(j.name) = lower(w.name))`,
    [recordset(jobs.map((job) => ({ id: newId(), ...job })))],
  );
};

export async function startJob(
  ctx: Context,
  personId: string,
  body: NonNullable<CallInput<typeof addJob>['body']>,
) {
  return act(ctx, async (tx) => {
    const person = await findOrRefuse(tx, personId);
    const id = newId(ctx.clock.nowMs());
    await tx.query(
      `insert into job (id, person_id, name, stage, value_minor, fee_minor, completed_on)
       values ($1::uuid, $2::uuid, $3, $4, $5::bigint, $6::bigint, $7::date)`,
      [
        id,
        personId,
        body.name,
        body.stage ?? '',
        body.valueMinor ?? null,
        body.feeMinor ?? null,
        body.completedOn ?? null,
      ],
    );
    return { id, sentence: `Added ${body.name} to ${person.name}`, ...done(personId) };
  });
}

async function findJob(tx: Sql, id: string): Promise<JobRow> {
  const job = await maybeOne<JobRow>(tx, 'select * from job where id = $1::uuid', [id]);
  if (!job) throw notFound('This work is not there any more.');
  return job;
}

export async function changeJob(
  ctx: Context,
  id: string,
  body: NonNullable<CallInput<typeof editJob>['body']>,
) {
  return act(ctx, async (tx) => {
    const job = await findJob(tx, id);
    const keep = <T>(given: T | undefined, present: T): T =>
      given === undefined ? present : given;
    await tx.query(
      `update job set name = $2, stage = $3, value_minor = $4::bigint, fee_minor = $5::bigint,
         completed_on = $6::date where id = $1::uuid`,
      [
        id,
        keep(body.name, job.name),
        keep(body.stage, job.stage),
        keep(body.valueMinor, job.value_minor),
        keep(body.feeMinor, job.fee_minor),
        keep<string | null>(body.completedOn, job.completed_on),
      ],
    );
    return { sentence: `Changed ${job.name}`, ...done(job.person_id) };
  });
}

export async function removeJob(ctx: Context, id: string) {
  return act(ctx, async (tx) => {
    const { name, person_id } = await findJob(tx, id);
    await tx.query('delete from job where id = $1::uuid', [id]);
    return { sentence: `Took ${name} away`, ...done(person_id) };
  });
}
