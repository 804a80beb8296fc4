import type { CallInput, CallOutput } from '@/contract/endpoint';
import type { decideWorkCadence, listWorkCadences } from '@/contract/enrolments';
import { WORK_FRESH_DAYS, workKind } from '@/core/people';
import { addDays } from '@/core/time';

import { act } from '../act';
import { findOrRefuseCadence } from '../cadences';
import type { Context, Plans } from '../context';
import { newId } from '../db';
import * as queries from './queries';

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
    await queries.decideWork(tx, workKind(kind), cadenceId, today);
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
  const byKind = new Map(
    (await queries.workCadences(ctx.db)).flatMap(({ kind, cadence_id }) =>
      cadence_id ? [[kind, cadence_id] as const] : [],
    ),
  );
  if (byKind.size === 0 || people === 'nobody') return;
  const since = addDays(ctx.clock.today(), -WORK_FRESH_DAYS);
  const jobs = await queries.completedWork(ctx.db, since, people === 'everybody' ? null : people);
  if (jobs.length === 0) return;
  const joined = await ctx.db.transaction(async (tx) => {
    const known = new Set<string>();
    for (const cadenceId of new Set(byKind.values()))
      for (const { person_id } of await queries.everOn(tx, cadenceId))
        known.add(`${person_id} ${cadenceId}`);
    const fresh = jobs.flatMap(({ person_id, name, completed_on }): queries.NewEnrolment[] => {
      const cadence_id = byKind.get(workKind(name));
      const one = `${person_id} ${cadence_id}`;
      if (!cadence_id || known.has(one)) return [];
      known.add(one);
      return [{ id: newId(), person_id, cadence_id, start_on: completed_on, origin: 'work' }];
    });
    if (fresh.length > 0) await queries.insertEnrolments(tx, fresh);
    return fresh.map(({ person_id }) => person_id);
  });
  if (joined.length > 0) ctx.writes.markStale(joined);
}
