import { holdOf, holdsOf, kindSetups } from '@/core/touches';
import { todayIn } from '@/core/zones';

import type { Context } from '../context';
import { newId } from '../db';
import { insertTouches, logTouch } from '../touches';
import * as queries from './queries';
import type { UntouchedRow } from './queries';
import type { Room } from './room';

/**
 * Makes touches of what has gone: also of what had gone when the program ended before, and of what the
 * owner says has arrived. What went by itself is told in bulk; what the owner wrote is logged like any
 * touch of theirs, and settles what the desk wanted.
 */
export async function touchGone(ctx: Context, { settings }: Room): Promise<void> {
  const holds = holdsOf(kindSetups(settings.kinds));
  const dayOf = ({ sent_at }: UntouchedRow) => todayIn(ctx.clock.zone, Date.parse(sent_at));
  await ctx.db.transaction(async (tx) => {
    const rows = await queries.untouched(tx, true);
    if (rows.length === 0) return;
    const touches = rows.map((row) => ({
      id: newId(ctx.clock.nowMs()),
      person_id: row.person_id,
      on_day: dayOf(row),
      logged_at: ctx.clock.now(),
      kind: row.kind,
      outcome: 'sent' as const,
      automatic: true,
      // What went to many kept nobody's promise.
      hold: row.cadence === '' ? 0 : holdOf(row.kind, 'sent', holds),
    }));
    await insertTouches(tx, touches);
    await queries.setTouches(
      tx,
      rows.map(({ id }, i) => ({ id, touch_id: touches[i]!.id })),
    );
  });
  for (const row of await queries.untouched(ctx.db, false)) {
    const { id, person_id: personId, kind, item_key: itemKey } = row;
    const touch = { personId, kind, outcome: 'sent', on: dayOf(row) } as const;
    // It may have been logged by hand meanwhile, or be planned no more.
    const { touchId } = await logTouch(ctx, itemKey ? { ...touch, itemKey } : touch).catch(() =>
      logTouch(ctx, touch),
    );
    await queries.setTouches(ctx.db, [{ id, touch_id: touchId }]);
  }
}
