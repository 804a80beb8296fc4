import type { Trial } from '@/contract/planner';
import type { Circle, Settings } from '@/contract/settings';
import { addDays, daysBetween, isPlainDate } from '@/core/time';

/** The longest time off that can be tried at once. */
const MOST_DAYS_OFF = 92;

/** What the owner would like to be different; empty where it stays as it is. */
export interface Wishes {
  capacity: number | null;
  /** Days, by circle. */
  promises: Record<string, number | null>;
  offFrom: string | null;
  offUntil: string | null;
  cadenceId: string;
  perDay: number | null;
}

export const NO_WISHES: Wishes = {
  capacity: null,
  promises: {},
  offFrom: null,
  offUntil: null,
  cadenceId: '',
  perDay: 3,
};

/** A whole number of nought or more; what is none asks for nothing yet. */
const whole = (value: number | null | undefined): number | null =>
  typeof value === 'number' && Number.isInteger(value) && value >= 0 ? value : null;

function daysOff({ offFrom, offUntil }: Wishes): Trial['daysOff'] {
  if (!offFrom || !offUntil || !isPlainDate(offFrom) || !isPlainDate(offUntil)) return undefined;
  const days = daysBetween(offFrom, offUntil);
  if (days < 0) return undefined;
  return Array.from({ length: Math.min(days + 1, MOST_DAYS_OFF) }, (_, i) => addDays(offFrom, i));
}

function promises(wishes: Wishes, circles: readonly Circle[]): Trial['circles'] {
  const changed = circles.flatMap(({ id, promiseDays }) => {
    const days = whole(wishes.promises[id]);
    return days && days !== promiseDays ? [[id, days] as const] : [];
  });
  return changed.length > 0 ? Object.fromEntries(changed) : undefined;
}

interface Now {
  settings: Settings;
  circles: readonly Circle[];
}

/** The wishes as what is different from now; nothing where they ask for nothing new. */
export function toTrial(wishes: Wishes, now: Now, who: NonNullable<Trial['join']>['who']): Trial {
  const capacity = whole(wishes.capacity);
  const { cadenceId } = wishes;
  const trial: Trial = {
    capacity: capacity === now.settings.capacity ? undefined : (capacity ?? undefined),
    circles: promises(wishes, now.circles),
    daysOff: daysOff(wishes),
    join: cadenceId ? { cadenceId, who, perDay: whole(wishes.perDay) || null } : undefined,
  };
  // What is not asked for is left out, so that asking for nothing is an empty trial.
  return JSON.parse(JSON.stringify(trial)) as Trial;
}
