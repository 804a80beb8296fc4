import { isCalendar } from '@/core/cadences';
import { beatOf } from '@/core/enrolments';
import { need } from '@/core/need';
import { plainDate, plural, toPlainDate } from '@/core/time';
import type { TouchKind } from '@/core/touches';

import { act } from '../act';
import type { Context } from '../context';
import { conflict, invalid } from '../api';
import { findOrRefuseCadence } from '../cadences';
import { sphereNow } from '../planner';
import * as queries from './queries';

type Open = Awaited<ReturnType<typeof queries.openEnrolments>>;

/** "Ana" or "12 people", and the cadence or how many. */
function namesOf(open: Open): { who: string; what: string } {
  const cadences = new Set(open.map(({ cadence }) => cadence));
  return {
    who: open.length === 1 ? need(open[0]).person : plural(open.length, 'person', 'people'),
    what: cadences.size === 1 ? need(open[0]).cadence : plural(cadences.size, 'cadence'),
  };
}

const idsIn = (open: Open) => open.map(({ id }) => id);
const peopleIn = (open: Open) => open.map(({ person_id }) => person_id);

export async function stop(ctx: Context, ids: readonly string[], reason: string) {
  const open = await queries.openEnrolments(ctx.db, ids);
  if (open.length === 0) throw conflict('This cadence has already ended for them.');
  const { who, what } = namesOf(open);
  return act(ctx, async (tx) => {
    await queries.stopEnrolments(tx, idsIn(open), ctx.clock.today(), reason);
    return { sentence: `Took ${who} off ${what}`, plan: peopleIn(open), topics: ['enrolments'] };
  });
}

export async function pause(ctx: Context, ids: readonly string[]) {
  const open = (await queries.openEnrolments(ctx.db, ids)).filter(({ paused_on }) => !paused_on);
  if (open.length === 0) throw conflict('Nothing is left to pause: it is paused or has ended.');
  const { who, what } = namesOf(open);
  return act(ctx, async (tx) => {
    await queries.pauseEnrolments(tx, idsIn(open), ctx.clock.today());
    return { sentence: `Paused ${what} for ${who}`, plan: peopleIn(open), topics: ['enrolments'] };
  });
}

/** Goes on after a pause: with everything later by its length, or with the days as planned. */
export async function resume(ctx: Context, ids: readonly string[], mode: 'carry_on' | 'catch_up') {
  const paused = (await queries.openEnrolments(ctx.db, ids)).filter(({ paused_on }) => paused_on);
  if (paused.length === 0) throw conflict('Nothing is left to resume: it runs or has ended.');
  if (mode === 'carry_on')
    for (const cadenceId of new Set(paused.map(({ cadence_id }) => cadence_id))) {
      const cadence = await findOrRefuseCadence(ctx, cadenceId);
      if (isCalendar(cadence) || cadence.rota)
        throw invalid(
          `${cadence.name} goes by days of the calendar, which don’t move. Catch up instead: it goes on with the next one.`,
          'mode',
        );
    }
  const { who, what } = namesOf(paused);
  const move = mode === 'carry_on' ? queries.carryOn : queries.catchUp;
  return act(ctx, async (tx) => {
    await move(tx, idsIn(paused), ctx.clock.today());
    return {
      sentence: `Resumed ${what} for ${who}`,
      plan: peopleIn(paused),
      topics: ['enrolments'],
    };
  });
}

/** Who is on a cadence, each with their next touch from it. */
export async function peopleOn(
  ctx: Context,
  cadenceId: string,
  page: { offset: number; limit: number },
) {
  await findOrRefuseCadence(ctx, cadenceId);
  const sphere = await sphereNow(ctx);
  const rows = await queries.peopleOn(ctx.db, cadenceId, ctx.clock.today(), page);
  return {
    total: rows[0]?.total ?? 0,
    paused: rows[0]?.paused ?? 0,
    people: rows.map(({ id, person_id, name, state, start_on }) => {
      const next = sphere.byPerson
        .get(person_id)
        ?.find(({ item }) => beatOf(item)?.enrolmentId === id);
      return {
        enrolmentId: id,
        personId: person_id,
        name,
        state,
        startOn: plainDate(start_on),
        next: next ? { day: toPlainDate(next.day), kind: next.item.kind as TouchKind } : null,
      };
    }),
  };
}
