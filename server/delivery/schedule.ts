import { isWorkingDay } from '@/core/calendar';
import { toDayNumber, type PlainDate } from '@/core/time';
import { instantOf, nextSendable, timeIn, zoneOfAddress } from '@/core/zones';

import type { Context } from '../context';
import type { Sql } from '../db';
import { calendarOf, holidaysOf, readSettings } from '../settings';
import { channelOf, CHANNELS, type SendContext } from './channel';
import type { Recipient } from './recipients';
import type { DeliveryRow } from './row';

/** Reads what is the same for all deliveries that are looked at together. */
export async function readSendContext(ctx: Context, sql: Sql = ctx.db): Promise<SendContext> {
  const settings = await readSettings(sql);
  const carriers: SendContext['carriers'] = new Map(
    await Promise.all(
      ctx.house
        .of(CHANNELS)
        .map(async (channel) => [channel.name, await channel.carrier(ctx, sql)] as const),
    ),
  );
  return {
    settings,
    calendar: calendarOf(settings, holidaysOf(ctx, settings)),
    carriers,
    memo: new Map(),
  };
}

type Lives = Pick<Recipient, 'region' | 'country'>;

/** Where somebody lives, as far as their address tells; else where the owner does. */
export const zoneOf = ({ settings }: Pick<SendContext, 'settings'>, recipient: Lives): string =>
  zoneOfAddress(recipient, settings.country) ?? settings.timeZone;

/** What Pen Pal sends goes from half past nine on, each at a time of its own within some hours. */
const FROM_MINUTE = 9 * 60 + 30;
const SPREAD_MINUTES = 6 * 60;

/** A number of minutes that is always the same for the same delivery. */
const ownMinute = (key: string): number =>
  [...key].reduce((sum, char) => (sum * 31 + (char.codePointAt(0) ?? 0)) % SPREAD_MINUTES, 7);

const asTime = (minutes: number): string =>
  [Math.floor(minutes / 60), minutes % 60].map((n) => String(n).padStart(2, '0')).join(':');

type Scheduled = Pick<DeliveryRow, 'key' | 'channel' | 'automatic' | 'planned_on' | 'good_until'>;

export interface Times {
  /** When it goes; null where no day is left for it. */
  sendAt: string | null;
  /** When it was meant to go, for telling whether it is too late by now. */
  dueAt: string;
}

/**
 * When a delivery goes: one that Pen Pal sends within the hours of its reader on a working day; what the
 * owner writes at once, but for texts at night.
 */
export function timesFor(
  ctx: Context,
  context: SendContext,
  delivery: Scheduled,
  recipient: Lives,
): Times {
  const zone = zoneOf(context, recipient);
  const now = ctx.clock.nowMs();
  const { automatic, good_until: goodUntil, planned_on: on } = delivery;
  if (!automatic && channelOf(ctx, delivery.channel).manualAtOnce)
    return { sendAt: iso(now), dueAt: iso(now) };
  const { quietFrom, quietUntil } = context.settings;
  const isFree = (day: PlainDate) => !isWorkingDay(toDayNumber(day), context.calendar);
  const heedsDaysOff = automatic && !goodUntil;
  const sendable = (atMs: number) =>
    onceAMinute(context, `${zone} ${heedsDaysOff}`, atMs, () =>
      nextSendable(atMs, {
        zone,
        quietFrom,
        quietUntil,
        isFree: heedsDaysOff ? isFree : () => false,
      }),
    );
  const planned = automatic ? plannedMs(context, delivery, zone) : now;
  const sendAt = sendable(Math.max(now, planned));
  // What was planned for a day that is over was meant for then, though it is written only now.
  const dueAt = on < ctx.clock.today() ? sendable(planned) : sendAt;
  return { sendAt: sendAt === null ? null : iso(sendAt), dueAt: iso(dueAt ?? planned) };
}

const iso = (ms: number): string => new Date(ms).toISOString();

/** Its own time on the day that it was planned for. */
function plannedMs({ memo }: SendContext, { planned_on: on, key }: Scheduled, zone: string) {
  const known = memo.get(`${on} ${zone}`);
  const from = known ?? instantOf(on as PlainDate, asTime(FROM_MINUTE), zone);
  if (known === undefined) memo.set(`${on} ${zone}`, from);
  // No zone changes its clock in these hours.
  return from + ownMinute(key) * 60_000;
}

/** Whether a moment is sendable is the same for everybody of a zone within its minute. */
function onceAMinute(
  { memo }: SendContext,
  of: string,
  atMs: number,
  find: () => number | null,
): number | null {
  const key = `${of} ${Math.floor(atMs / 60_000)}`;
  if (memo.get(key) === OPEN) return atMs;
  const found = find();
  if (found === atMs) memo.set(key, OPEN);
  return found;
}

const OPEN = 1;

/** The hour where the reader lives, where it is another than the owner's. */
export function hourThere(context: SendContext, reader: Lives, at: string | null): string | null {
  if (!at) return null;
  const zone = zoneOf(context, reader);
  const [there, here] = [zone, context.settings.timeZone].map((z) => timeIn(z, Date.parse(at)));
  return there === here ? null : (there ?? null);
}
