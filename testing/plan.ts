import fc from 'fast-check';

import type { Cadence } from '@/core/cadences';
import type { WorkCalendar } from '@/core/calendar';
import { BEAT, type PlanEnrolment } from '@/core/enrolments';
import { FOLLOW_UP, type PlanFollowUp } from '@/core/follow-ups';
import { SOURCES } from '@/core/sources';
import { plainDate, toDayNumber } from '@/core/time';
import { DEFAULT_HOLDS, MINUTES, type TouchKind } from '@/core/touches';

import type { Plan, PlanOptions, PlanPerson } from '@/core/planner/types';

// What the planner's tests begin with.

const KINDS = ['call', 'text', 'social', 'visit'] as const;

export const today = toDayNumber(plainDate('2026-11-23')); // a Monday
export const EVERY_DAY: WorkCalendar = { workingDays: [1, 2, 3, 4, 5, 6, 7], daysOff: new Set() };
export const WEEKDAYS: WorkCalendar = { workingDays: [1, 2, 3, 4, 5], daysOff: new Set() };

export const options = (change: Partial<PlanOptions> = {}): PlanOptions => ({
  today,
  days: 91,
  calendar: WEEKDAYS,
  capacity: 5,
  limits: { minutesPerDay: null, minutes: MINUTES, perKind: {} },
  made: {},
  vacated: 0,
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

/** People as they may be in tests of all that must always hold: with promises, beats, homes, follow-ups. */
export const sphereRow = fc.record({
  promiseDays: fc.constantFrom(null, 7, 10, 14, 20, 30, 45, 60, 90),
  due: fc.integer({ min: -20, max: 25 }),
  weight: fc.integer({ min: 0, max: 3 }),
  keeperKind: fc.constantFrom<TouchKind>('call', 'text', 'email'),
  home: fc.constantFrom('a', 'b', null, null, null, null, null),
  beats: fc.option(fc.tuple(fc.constantFrom(...KINDS), fc.constantFrom(...KINDS))),
  start: fc.integer({ min: -30, max: 10 }),
  followUp: fc.option(fc.integer({ min: -2, max: 20 }), { freq: 3 }),
});
export type SphereRow = typeof sphereRow extends fc.Arbitrary<infer R> ? R : never;

export const personOf = (row: SphereRow, i: number) =>
  person(`p${i}`, {
    promiseDays: row.promiseDays,
    due: row.promiseDays === null ? null : today + row.due,
    weight: row.weight,
    keeperKind: row.keeperKind,
    householdId: row.home,
    enrolments: row.beats
      ? [
          {
            id: `e${i}`,
            cadence: {
              ...cadence([]),
              beats: [0, 12].map((days, n) => ({
                ...cadence([days]).beats[0]!,
                kind: row.beats![n]!,
              })),
            },
            run: { start: today + row.start },
            settledUntil: today - 1,
          },
        ]
      : [],
    followUps:
      row.followUp === null ? [] : [{ id: `f${i}`, on: today + row.followUp, kind: 'call' }],
  });
