import { isWorkingDay, type WorkCalendar } from '@/core/calendar';
import { toDayNumber, type PlainDate } from '@/core/time';
import { instantOf, nextSendable, timeIn, zoneOfAddress } from '@/core/zones';

import { liveMail, liveTexts } from '../carriers';
import type { Context } from '../context';
import type { Sql } from '../db';
import { calendarOf, holidaysOf } from '../planner';
import { readSettings, type OwnerSettings } from '../settings';
import type { Kind, MessageRow, Reader } from './queries';

/** What is the same for all messages that are looked at together. */
export interface Room {
  settings: OwnerSettings;
  calendar: WorkCalendar;
  hasCarrier: Record<Kind, boolean>;
  /** Whether readers know the number that texts come from. */
  ownNumber: boolean;
}

export async function readSendContext(ctx: Context, sql: Sql = ctx.db): Promise<Room> {
  const settings = await readSettings(sql);
  const texts = await liveTexts(ctx, sql);
  return {
    settings,
    calendar: calendarOf(settings, holidaysOf(ctx, settings)),
    hasCarrier: { email: (await liveMail(ctx, sql)) !== null, text: texts !== null },
    ownNumber: texts?.setup.ownNumber ?? true,
  };
}

type Lives = Pick<Reader, 'region' | 'country'>;

/** Where somebody lives, as far as their address tells; else where the owner does. */
export const zoneOf = ({ settings }: Room, reader: Lives): string =>
  zoneOfAddress(reader, settings.country) ?? settings.timeZone;

/** What goes by itself goes from half past nine on, each to a time of its own within some hours. */
const FROM_MINUTE = 9 * 60 + 30;
const SPREAD_MINUTES = 6 * 60;

/** A number of minutes that is always the same for the same message. */
const ownMinute = (key: string): number =>
  [...key].reduce((sum, char) => (sum * 31 + char.codePointAt(0)!) % SPREAD_MINUTES, 7);

const asTime = (minutes: number): string =>
  [Math.floor(minutes / 60), minutes % 60].map((n) => String(n).padStart(2, '0')).join(':');

type Going = Pick<MessageRow, 'key' | 'kind' | 'automatic' | 'planned_on' | 'good_until'>;

/**
 * When a message goes: by itself within the hours of its reader on a working day, what the owner writes at
 * once, but for texts in the night. Null where no day is left for it.
 */
export function sendAtFor(ctx: Context, room: Room, going: Going, reader: Lives): string | null {
  const zone = zoneOf(room, reader);
  const now = ctx.clock.nowMs();
  const { quietFrom, quietUntil } = room.settings;
  const isFree = (day: PlainDate) => !isWorkingDay(toDayNumber(day), room.calendar);
  if (!going.automatic && going.kind === 'email') return new Date(now).toISOString();
  const wanted = going.automatic
    ? instantOf(going.planned_on as PlainDate, asTime(FROM_MINUTE + ownMinute(going.key)), zone)
    : now;
  const at = nextSendable(Math.max(now, wanted), {
    zone,
    quietFrom,
    quietUntil,
    isFree: going.automatic && !going.good_until ? isFree : () => false,
  });
  return at === null ? null : new Date(at).toISOString();
}

/** The hour where the reader lives, where it is another than the owner's. */
export function hourThere(room: Room, reader: Lives, at: string | null): string | null {
  const zone = zoneOf(room, reader);
  if (!at) return null;
  const [there, here] = [zone, room.settings.timeZone].map((z) => timeIn(z, Date.parse(at)));
  return there === here ? null : there!;
}
