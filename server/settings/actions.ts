import type { Settings } from '@/contract/settings';
import { toDayNumber, toPlainDate } from '@/core/time';
import { isTimeZone } from '@/core/zones';

import { assertKnown, holidaysOff } from '../holidays';
import { act } from '../act';
import type { Context } from '../context';
import { invalid, Refusal } from '../api';
import * as queries from './queries';

export async function save(ctx: Context, change: Partial<Settings>) {
  if (change.timeZone !== undefined && !isTimeZone(change.timeZone))
    throw invalid(
      `“${change.timeZone}” is not a time zone. Try one like America/New_York.`,
      'timeZone',
    );
  const done = await act(ctx, async (tx) => {
    const before = await queries.readSettings(tx);
    const moved = change.country !== undefined && change.country !== before.country;
    const after = { ...before, ...(moved ? { region: '' } : {}), ...change };
    assertKnown(after);
    await queries.writeSettings(tx, after);
    const days = Object.keys(change).some((key) => key !== 'ownerName');
    return {
      sentence: 'Changed your settings',
      plan: days ? 'everybody' : 'nobody',
      topics: ['settings'],
    };
  });
  if (change.timeZone) ctx.clock.zone = change.timeZone;
  return done;
}

/** The settings, with every day that is free around today. */
export async function readDays(ctx: Context) {
  const settings = await queries.readSettings(ctx.db);
  const holidays = holidaysOff(settings, toDayNumber(ctx.clock.today()));
  const free = new Set([...settings.daysOff, ...holidays.map(({ on }) => toPlainDate(on))]);
  return { settings, freeDays: [...free].sort() };
}

const SHIFT = 'clock-shift-days';

/** In the demo only: the application's day moves forward and stays moved when it is started again. */
export async function moveClock(ctx: Context, days: number) {
  if (!ctx.demo) throw new Refusal('forbidden', 'The day can only be moved in the demo.');
  ctx.clock.shiftDays += days;
  await queries.writeMemo(ctx.db, SHIFT, ctx.clock.shiftDays);
  return { today: ctx.clock.today() };
}

export const readShift = async (ctx: Context): Promise<number> =>
  (await queries.readMemo<number>(ctx.db, SHIFT)) ?? 0;
