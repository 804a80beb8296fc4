import { faultsOf } from '@/contract/faults';
import { Settings } from '@/contract/settings';
import { toDayNumber, toPlainDate } from '@/core/time';
import { isTimeZone } from '@/core/zones';

import { assertKnown, holidaysOff } from '../holidays';
import { act } from '../act';
import type { Context } from '../context';
import { invalid, Refusal } from '../api';
import type { Sql } from '../db';
import * as queries from './queries';
import type { OwnerSettings } from './queries';

export async function save(ctx: Context, change: Partial<Settings>) {
  if (change.timeZone !== undefined && !isTimeZone(change.timeZone))
    throw invalid(
      `“${change.timeZone}” is not a time zone. Try one like America/New_York.`,
      'timeZone',
    );
  return act(ctx, async (tx) => {
    const before = await queries.readSettings(tx);
    const moved = change.country !== undefined && change.country !== before.country;
    const after = { ...before, ...(moved ? { region: '' } : {}), ...change };
    assertKnown(after);
    await writeSettings(tx, after);
    const days = Object.keys(change).some((key) => key !== 'ownerName');
    return {
      sentence: 'Changed your settings',
      plan: days ? 'everybody' : 'nobody',
      topics: ['settings'],
    };
  });
}

/**
 * Writes settings that were changed in part.
 *
 * @throws Refusal when the whole would be none, such as too many days off together
 */
export async function writeSettings(tx: Sql, settings: OwnerSettings): Promise<void> {
  const faults = faultsOf(Settings, settings);
  if (faults) throw new Refusal('invalid', faults.message, faults.fields[0]?.field, faults.fields);
  await queries.updateSettings(tx, settings);
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

/** Whole days by which the demo's day is ahead. */
export const readShift = async (ctx: Context): Promise<number> =>
  (await queries.readMemo<number>(ctx.db, SHIFT)) ?? 0;
