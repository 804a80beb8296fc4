import fc from 'fast-check';

import { datedBeats, type Beat } from '@/core/cadences';
import { DAY_RULES, type DayRule, type WorkCalendar } from '@/core/calendar';
import type { DayNumber } from '@/core/time';
import { DEFAULT_HOLDS as holds } from '@/core/touches';

import {
  beatKey,
  enrolmentItems,
  isOver,
  MISSED_AFTER_DAYS,
  passedBeats,
  type Passing,
  type PlanEnrolment,
} from '.';
import { cadence, today as start, WEEKDAYS } from '@/testing/plan';

const DAYS = 120;
/** Days before the last round from which it is looked, as the daily round does. */
const LOOK_BACK = 7;

const beats = fc
  .uniqueArray(fc.integer({ min: 0, max: 14 }), { minLength: 1, maxLength: 6 })
  .chain((days) =>
    fc.tuple(
      ...days.map((day) =>
        fc.record({
          way: fc.constantFrom('hand' as const, 'auto' as const),
          errand: fc.boolean(),
          dayRule: fc.constantFrom(...DAY_RULES),
          day: fc.constant(day),
        }),
      ),
    ),
  )
  .map((all): Beat[] =>
    all
      .toSorted((a, b) => a.day - b.day)
      .map(({ way, errand, dayRule, day }) => ({
        id: `b${day}`,
        timing: { on: 'after', days: day },
        kind: way === 'hand' ? 'call' : errand ? 'other' : 'email',
        wordings: [],
        dayRule,
        way,
        errand: way === 'auto' && errand ? { to: 'service', serviceId: 's' } : null,
      })),
  );

const life = fc.record({
  beats,
  rounds: fc.option(fc.integer({ min: 1, max: 3 })),
  gapDays: fc.integer({ min: 1, max: 20 }),
  calendar: fc
    .uniqueArray(fc.integer({ min: 0, max: DAYS }), { maxLength: 20 })
    .map((off): WorkCalendar => ({
      workingDays: [1, 2, 3, 4, 5],
      daysOff: new Set(off.map((day) => start + day)),
    })),
  /** Days on which the application is open, and on which of them what is open by hand is made. */
  open: fc.uniqueArray(fc.integer({ min: 0, max: DAYS }), { minLength: 3, maxLength: DAYS }),
  made: fc.uniqueArray(fc.integer({ min: 0, max: DAYS }), { maxLength: 60 }),
});

type Life = typeof life extends fc.Arbitrary<infer L> ? L : never;

interface Lived {
  fates: Map<string, { fate: Passing['fate']; on: DayNumber }>;
  over: DayNumber | null;
  lastOpen: DayNumber;
}

/** Lives through the days as the server does: the round first, then what is made by hand. */
function live({ beats: all, rounds, gapDays, calendar, open, made }: Life): Lived {
  const c = cadence([], { beats: all, rounds, gapDays });
  let enrolment: PlanEnrolment = { id: 'e', cadence: c, run: { start }, settledUntil: null };
  const settle = (nominal: DayNumber) => {
    const settledUntil = Math.max(nominal, enrolment.settledUntil ?? nominal);
    enrolment = { ...enrolment, settledUntil };
  };
  const fates: Lived['fates'] = new Map();
  const days = open.toSorted((a, b) => a - b).map((day) => start + day);
  let last: DayNumber | null = null;
  for (const today of days) {
    const context = { today, until: today, calendar, holds, putOffs: new Map() };
    const since: DayNumber = (last ?? -Infinity) - LOOK_BACK;
    for (const { key, fate, nominal } of passedBeats(enrolment, context, since)) {
      if (!fates.has(key)) fates.set(key, { fate, on: today });
      if (fate === 'passed') settle(nominal);
    }
    last = today;
    if (isOver(enrolment, enrolment.settledUntil, today, context))
      return { fates, over: today, lastOpen: today };
    const [item] = enrolmentItems('p', enrolment, context);
    if (!item || item.earliest > today || !made.includes(today - start)) continue;
    settle(item.nominal);
    if (isOver(enrolment, enrolment.settledUntil, today - 1, context))
      return { fates, over: today, lastOpen: today };
  }
  return { fates, over: null, lastOpen: last! };
}

const asked = ({ beats: all, rounds, gapDays, calendar }: Life, to: DayNumber) =>
  datedBeats({ beats: all, rounds, gapDays }, { start }, { from: start, to }, calendar);

test('what goes by itself has one fate each, whenever the application is open and whatever is made by hand', () => {
  fc.assert(
    fc.property(life, (one) => {
      const { fates, lastOpen } = live(one);
      const days = one.open.map((day) => start + day).sort((a, b) => a - b);
      for (const { beat, round, day } of asked(one, lastOpen + 20)) {
        if (beat.way !== 'auto') continue;
        const found = fates.get(beatKey('e', beat.id, round));
        if (day > lastOpen) {
          expect(found).toBeUndefined();
          continue;
        }
        const seen = days.find((open) => open >= day)!;
        const late = day < seen - MISSED_AFTER_DAYS;
        expect(found).toEqual({
          fate: beat.errand ? 'ran' : late ? 'missed' : 'waiting',
          on: seen,
        });
      }
    }),
    { numRuns: 300 },
  );
});

test('a cadence ends when all of it is settled or gone, never before', () => {
  fc.assert(
    fc.property(life, (one) => {
      const { fates, over } = live(one);
      if (one.rounds === null) return expect(over).toBeNull();
      if (over === null) return;
      for (const { beat, round, day } of asked(one, Infinity)) {
        if (beat.way === 'auto')
          expect([day, fates.has(beatKey('e', beat.id, round))]).toEqual([day, true]);
        else if (fates.get(beatKey('e', beat.id, round))?.fate === 'passed')
          expect(day).toBeLessThanOrEqual(over);
      }
    }),
    { numRuns: 300 },
  );
});

const on = (days: number, dayRule: DayRule): Beat => ({
  id: `b${days}`,
  timing: { on: 'after', days },
  kind: 'call',
  wordings: [],
  dayRule,
  way: 'hand',
});

test('a last beat made before its weekend leaves the message of that weekend its Monday', () => {
  // Saturday's message goes on Monday; Sunday's call was made on Friday.
  const message = { ...on(5, 'next'), kind: 'email' as const, way: 'auto' as const };
  const c = cadence([], { rounds: 1, beats: [message, on(6, 'previous')] });
  const enrolment = { id: 'e', cadence: c, run: { start }, settledUntil: start + 6 };
  const days = { calendar: WEEKDAYS };
  expect(isOver(enrolment, start + 6, start + 3, days)).toBe(false);
  expect(isOver(enrolment, start + 6, start + 7, days)).toBe(true);
});
