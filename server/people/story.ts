import type { CallInput } from '@/contract/endpoint';
import type { addJob, editJob, editNote } from '@/contract/story';
import { plainDate } from '@/core/time';

import { act, type Context } from '../context';
import { maybeOne, newId, type Sql } from '../db';
import { invalid, notFound } from '../http/errors';
import { findOrRefuse } from './actions';
import * as notes from './notes';
import { toNote } from './records';

export async function writeNote(ctx: Context, personId: string, body: string) {
  return act(ctx, async (tx) => {
    const { name } = await findOrRefuse(tx, personId);
    await notes.insertNotes(tx, [toNote(personId, ctx.clock.today(), body)]);
    return { sentence: `Noted for ${name}` };
  });
}

async function findNote(tx: Sql, id: string) {
  const note = await notes.findNote(tx, id);
  if (!note) throw notFound('This note is not there any more.');
  return note;
}

export async function changeNote(
  ctx: Context,
  id: string,
  body: NonNullable<CallInput<typeof editNote>['body']>,
) {
  return act(ctx, async (tx) => {
    const note = await findNote(tx, id);
    if (body.on && body.on > ctx.clock.today())
      throw invalid('A note is about a day that has been.', 'on');
    const { search_text, tags } = toNote(note.person_id, note.on_day, body.body ?? note.body);
    await notes.updateNote(tx, {
      ...note,
      body: body.body ?? note.body,
      search_text,
      tags,
      on_day: body.on ?? note.on_day,
      pinned: body.pinned ?? note.pinned,
    });
    if (body.pinned !== undefined && body.body === undefined)
      return { sentence: `${body.pinned ? 'Pinned' : 'Unpinned'} a note about ${note.name}` };
    return { sentence: `Changed a note about ${note.name}` };
  });
}

export async function removeNote(ctx: Context, id: string) {
  return act(ctx, async (tx) => {
    const { name } = await findNote(tx, id);
    await notes.deleteNote(tx, id);
    return { sentence: `Took away a note about ${name}` };
  });
}

interface JobRow {
  id: string;
  person_id: string;
  name: string;
  stage: string;
  value_minor: number | null;
  fee_minor: number | null;
  completed_on: string | null;
}

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
    return { id, sentence: `Added ${body.name} to ${person.name}` };
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
    return { sentence: `Changed ${job.name}` };
  });
}

export async function removeJob(ctx: Context, id: string) {
  return act(ctx, async (tx) => {
    const { name } = await findJob(tx, id);
    await tx.query('delete from job where id = $1::uuid', [id]);
    return { sentence: `Took ${name} away` };
  });
}
