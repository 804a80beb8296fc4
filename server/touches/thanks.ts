import { addDays } from '@/core/time';

import type { Context, Plans } from '../context';
import { newId } from '../db';
import { readSettings } from '../settings';
import * as queries from './queries';

/** Thanks are planned for whoever was added within so many days; a referral told later is old news. */
const FRESH_DAYS = 7;

/**
 * Plans thanks to whoever sent somebody, for the day after, in the way the owner chose: once for each
 * who came. Undoing that they were added takes the thanks away as well.
 */
export async function planThanks(ctx: Context, people: Plans): Promise<void> {
  const { thanksKind } = await readSettings(ctx.db);
  if (!thanksKind || people === 'nobody') return;
  const today = ctx.clock.today();
  const among = people === 'everybody' ? null : people;
  const owed = await queries.thanksOwed(ctx.db, addDays(today, -FRESH_DAYS), among);
  if (owed.length === 0) return;
  await ctx.db.transaction(async (tx) => {
    for (const { to, came, came_name } of owed)
      await queries.insertFollowUp(tx, {
        id: newId(),
        person_id: to,
        on_day: addDays(today, 1),
        kind: thanksKind,
        words: `thanks for sending ${came_name}`,
        touch_id: null,
        thanks_for: came,
      });
  });
  ctx.writes.markStale(owed.map(({ to }) => to));
}
