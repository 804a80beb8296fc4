import type { Settings } from '@/contract/settings';
import { isTimeZone } from '@/core/zones';

import { act, type Context } from '../context';
import { invalid, Refusal } from '../http/errors';
import * as q from './queries';

export async function save(ctx: Context, change: Partial<Settings>) {
  if (change.timeZone !== undefined && !isTimeZone(change.timeZone))
    throw invalid(
      `“${change.timeZone}” is not a time zone. Try one like America/New_York.`,
      'timeZone',
    );
  const done = await act(ctx, async (tx) => {
    await q.writeSettings(tx, { ...(await q.readSettings(tx)), ...change });
    return { sentence: 'Changed your settings' };
  });
  if (change.timeZone) ctx.clock.zone = change.timeZone;
  return done;
}

const SHIFT = 'clock-shift-days';

/** In the demo only: the application's day moves forward and stays moved when it is started again. */
export async function moveClock(ctx: Context, days: number) {
  if (!ctx.demo) throw new Refusal('forbidden', 'The day can only be moved in the demo.');
  ctx.clock.shiftDays += days;
  await q.writeMemo(ctx.db, SHIFT, ctx.clock.shiftDays);
  return { today: ctx.clock.today() };
}

export const readShift = async (ctx: Context): Promise<number> =>
  (await q.readMemo<number>(ctx.db, SHIFT)) ?? 0;
