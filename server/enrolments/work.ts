import type { CallInput, CallOutput } from '@/contract/endpoint';
import type { decideWorkCadence, listWorkCadences } from '@/contract/enrolments';
import { fold } from '@/core/people';
import { addDays } from '@/core/time';

import { act } from '../act';
import { findOrRefuseCadence } from '../cadences';
import type { Context, Plans } from '../context';
import { newId } from '../db';
import * as queries from './queries';

/** Work is of one kind when it is called the same, whatever case or accents it is written in. */
const kindOf = (name: string): string => fold(name).trim();

/** Work completed longer ago begins nothing: it was told late. */
const FRESH_DAYS = 30;

export async function listWork(ctx: Context): Promise<CallOutput<typeof listWorkCadences>> {
  const rows = await queries.workCadences(ctx.db);
  return {
    decided: rows.map(({ kind, cadence_id }) => ({
      kind,
      cadenceId: cadence_id as CallOutput<typeof listWorkCadences>['decided'][number]['cadenceId'],
    })),
  };
}

/** Decides for a kind of work, once; whoever completed some lately begins at once. */
export async function decideWork(
  ctx: Context,
  { kind, cadenceId }: NonNullable<CallInput<typeof decideWorkCadence>['body']>,
) {
  const cadence = cadenceId ? await findOrRefuseCadence(ctx, cadenceId) : null;
  const today = ctx.clock.today();
  return act(ctx, async (tx) => {
    await queries.decideWork(tx, kindOf(kind), cadenceId, today);
    return {
      sentence: cadence
        ? `Completed “${kind}” begins ${cadence.name} from now on`
        : `Completed “${kind}” begins no cadence`,
      plan: 'nobody',
      about: 'everybody',
      topics: ['enrolments', 'cadences'],
    };
  });
}

/** Puts whoever completed work lately on the cadence of its kind, from the day it was completed. */
export async function settleWork(ctx: Context, people: Plans): Promise<void> {
  const decided = (await queries.workCadences(ctx.db)).filter((row) => row.cadence_id);
  if (decided.length === 0 || people === 'nobody') return;
  const since = addDays(ctx.clock.today(), -FRESH_DAYS);
  const jobs = await queries.completedWork(ctx.db, since, people === 'everybody' ? null : people);
  const byKind = new Map(decided.map((row) => [row.kind, row.cadence_id!]));
  const joined = await ctx.db.transaction(async (tx) => {
    const fresh: queries.NewEnrolment[] = [];
    for (const { person_id, name, completed_on } of jobs) {
      const cadenceId = byKind.get(kindOf(name));
      if (!cadenceId) continue;
      const on = await queries.everOn(tx, cadenceId);
      const known = on.some((row) => row.person_id === person_id);
      const coming = fresh.some((e) => e.person_id === person_id && e.cadence_id === cadenceId);
      if (known || coming) continue;
      fresh.push({
        id: newId(),
        person_id,
        cadence_id: cadenceId,
        start_on: completed_on,
        origin: 'work',
      });
    }
    if (fresh.length > 0) await queries.insertEnrolments(tx, fresh);
    return fresh.map(({ person_id }) => person_id);
  });
  if (joined.length > 0) ctx.writes.note(joined);
}
