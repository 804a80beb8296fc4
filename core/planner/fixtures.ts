import type { Cadence } from '@/core/cadences';
import type { WorkCalendar } from '@/core/calendar';
import { BEAT, type PlanEnrolment } from '@/core/enrolments';
import { FOLLOW_UP, type PlanFollowUp } from '@/core/follow-ups';
import { SOURCES } from '@/core/sources';
import { plainDate, toDayNumber } from '@/core/time';
import { DEFAULT_HOLDS, MINUTES } from '@/core/touches';

import type { Plan, PlanOptions, PlanPerson } from './types';

// What the planner's tests begin with.

export const today = toDayNumber(plainDate('2026-11-23')); // a Monday
export const EVERY_DAY: WorkCalendar = { workingDays: [1, 2, 3, 4, 5, 6, 7], daysOff: new Set() };
export const WEEKDAYS: WorkCalendar = { workingDays: [1, 2, 3, 4, 5], daysOff: new Set() };

export const options = (change: Partial<PlanOptions> = {}): PlanOptions => ({
  today,
  days: 91,
  calendar: WEEKDAYS,
  capacity: 5,
  limits: { minutesPerDay: null, minutes: MINUTES, perKind: {} },
  madeToday: 0,
  minDistanceDays: 3,
  holds: DEFAULT_HOLDS,
  putOffs: new Map(),
  pinned: [],
  sources: SOURCES,
  ...change,
});

interface Asking {
  enrolments?: readonly PlanEnrolment[];
  followUps?: readonly PlanFollowUp[];
}

export const person = (
  id: string,
  { enrolments = [], followUps = [], ...change }: Partial<PlanPerson> & Asking = {},
): PlanPerson => ({
  id,
  promiseDays: null,
  due: null,
  lastOn: null,
  householdId: null,
  weight: 1,
  keeperKind: 'call',
  asks: { [BEAT]: enrolments, [FOLLOW_UP]: followUps },
  ...change,
});

export const cadence = (days: readonly number[], change: Partial<Cadence> = {}): Cadence => ({
  id: 'c',
  name: 'Quarterly',
  rounds: null,
  gapDays: 30,
  beats: days.map((afterDays) => ({
    id: `b${afterDays}`,
    timing: { on: 'after', days: afterDays },
    kind: 'call',
    wordings: [],
    dayRule: 'next',
    way: 'hand',
  })),
  followOn: false,
  handOver: null,
  ...change,
});

export const onDay = (result: Plan, day: number) =>
  result.touches.filter((t) => t.day === day).map(({ item }) => item.personId);
