import { isWorkingDay } from '@/core/calendar';
import { need } from '@/core/need';
import { toDayNumber } from '@/core/time';

import { act } from '../act';
import { findOrRefuseCadence, readCadences, type Feed, type StoredCadence } from '../cadences';
import type { Context } from '../context';
import { newId } from '../db';
import { conflict, notFound } from '../api';
import { asking, exactIdsOf } from '../people';
import { calendarOf, holidaysOf, readSettings } from '../settings';
import { filterOf } from '../views';
import * as queries from './queries';

/** Lets everybody who is in a view, now or later, join a cadence; null ends that. */
export async function feed(ctx: Context, id: string, by: Feed | null) {
  const cadence = await findOrRefuseCadence(ctx, id);
  if (cadence.rota)
    throw conflict('A letter rota takes people in by itself. Change whom it is for.');
  const view = by && (await filterOf(ctx, ctx.db, by.viewId));
  if (by && !view) throw notFound('This view is not there any more.');
  return act(ctx, async (tx) => {
    await queries.setFeed(tx, id, by);
    return {
      sentence: view
        ? `Whoever is in ${view.name} joins ${cadence.name}`
        : `Nobody joins ${cadence.name} by themselves any more`,
      plan: 'nobody',
      topics: ['cadences', 'views'],
    };
  });
}

/**
 * Takes into the cadences whoever is in the views that feed them and was never on them: whom the
 * owner took off stays off, and who leaves the view stays on. So many begin on each working day. The
 * calendar's doing, not the owner's: it is not undone.
 */
export async function settleFeeds(ctx: Context): Promise<void> {
  const fed = (await readCadences(ctx.db)).filter(({ feed, active }) => feed && active);
  if (fed.length === 0) return;
  const settings = await readSettings(ctx.db);
  const calendar = calendarOf(settings, holidaysOf(ctx, settings));
  if (!isWorkingDay(toDayNumber(ctx.clock.today()), calendar)) return;
  for (const cadence of fed) ctx.writes.markStale(await takeIn(ctx, cadence, need(cadence.feed)));
}

/** Answers who joined. */
async function takeIn(
  ctx: Context,
  { id }: StoredCadence,
  { viewId, perDay }: Feed,
): Promise<string[]> {
  const view = await filterOf(ctx, ctx.db, viewId);
  // A view that can't be asked any more says so where views are listed.
  if (!view || view.fault) return [];
  const today = ctx.clock.today();
  return ctx.db.transaction(async (tx) => {
    const known = new Set((await queries.everOn(tx, id)).map(({ person_id }) => person_id));
    const room = perDay === null ? Infinity : perDay - (await queries.joinedOn(tx, id, today));
    const fresh = (await exactIdsOf(tx, view.filter, asking(ctx))).filter((p) => !known.has(p));
    const starting = fresh.slice(0, Math.max(0, room));
    if (starting.length > 0)
      await queries.insertEnrolments(
        tx,
        starting.map((personId) => ({
          id: newId(),
          person_id: personId,
          cadence_id: id,
          start_on: today,
          origin: 'view' as const,
        })),
      );
    return starting;
  });
}
