import { isWorkingDay, type WorkCalendar } from '@/core/calendar';
import { toDayNumber } from '@/core/time';

import { act, noteWrite, type Context } from '../context';
import { newId } from '../db';
import { conflict, notFound } from '../http/errors';
import { idsOf } from '../people';
import { filterOf } from '../views';
import { find } from './actions';
import * as eq from './enrolment-queries';
import { readCadences, setFeed, type Feed, type StoredCadence } from './queries';

/** Lets everybody who is in a view, now or later, join a cadence; null ends that. */
export async function feed(ctx: Context, id: string, by: Feed | null) {
  const cadence = await find(ctx, id);
  if (cadence.rota)
    throw conflict('A letter rota takes people in by itself. Change whom it is for.');
  const view = by && (await filterOf(ctx.db, by.viewId));
  if (by && !view) throw notFound('This view is not there any more.');
  return act(ctx, async (tx) => {
    await setFeed(tx, id, by);
    return {
      sentence: view
        ? `Whoever is in ${view.name} joins ${cadence.name}`
        : `Nobody joins ${cadence.name} by themselves any more`,
    };
  });
}

/**
 * Takes into the cadences whoever is in the views that feed them and was never on them: whom the
 * owner took off stays off, and who leaves the view stays on. So many begin on each working day. The
 * calendar's doing, not the owner's: it is not undone.
 */
export async function settleFeeds(ctx: Context, calendar: WorkCalendar): Promise<void> {
  const fed = (await readCadences(ctx.db)).filter(({ feed, active }) => feed && active);
  if (fed.length === 0 || !isWorkingDay(toDayNumber(ctx.clock.today()), calendar)) return;
  let joined = 0;
  for (const cadence of fed) joined += await takeIn(ctx, cadence, cadence.feed!);
  if (joined > 0) noteWrite(ctx);
}

async function takeIn(ctx: Context, { id }: StoredCadence, { viewId, perDay }: Feed) {
  const view = await filterOf(ctx.db, viewId);
  // A view that can't be asked any more says so where views are listed.
  if (!view || view.fault) return 0;
  const today = ctx.clock.today();
  return ctx.db.transaction(async (tx) => {
    const known = new Set((await eq.everOn(tx, id)).map(({ person_id }) => person_id));
    const room = perDay === null ? Infinity : perDay - (await eq.joinedOn(tx, id, today));
    const fresh = (await idsOf(tx, { filter: view.filter }, today)).filter((p) => !known.has(p));
    const starting = fresh.slice(0, Math.max(0, room));
    if (starting.length > 0)
      await eq.insertEnrolments(
        tx,
        starting.map((personId) => ({
          id: newId(),
          person_id: personId,
          cadence_id: id,
          start_on: today,
          origin: 'view' as const,
        })),
      );
    return starting.length;
  });
}
