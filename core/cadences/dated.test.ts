import fc from 'fast-check';
import { RRuleTemporal } from 'rrule-temporal';
import { Temporal } from 'temporal-polyfill';

import { isWorkingDay, moveToWorkingDay, type DayRule, type WorkCalendar } from '@/core/calendar';
import { plainDate, toDayNumber, toPlainDate } from '@/core/time';

import { datedBeats, faultOf, inOrder, reorderBeats, roundPeriod, yearShape, type Beat } from '.';

const EVERY_DAY: WorkCalendar = { workingDays: [1, 2, 3, 4, 5, 6, 7], daysOff: new Set() };
const WEEKDAYS: WorkCalendar = { workingDays: [1, 2, 3, 4, 5], daysOff: new Set() };
const start = toDayNumber(plainDate('2026-11-23'));

const beat = (
  afterDays: number,
  kind: Beat['kind'] = 'call',
  dayRule: DayRule = 'exact',
): Beat => ({
  id: `${kind}${afterDays}`,
  timing: { on: 'after', days: afterDays },
  kind,
  wordings: [],
  dayRule,
  way: 'hand',
});

const daysOf = ({ timing }: Beat) => (timing.on === 'after' ? timing.days : NaN);

const beatsOf = fc
  .uniqueArray(fc.integer({ min: 0, max: 200 }), { minLength: 1, maxLength: 6 })
  .map((days) => inOrder(days.map((d) => beat(d))));

describe('dated beats', () => {
  test('agree with RFC 5545 recurrences of a general library: each beat is FREQ=DAILY;INTERVAL=period', () => {
    fc.assert(
      fc.property(
        beatsOf,
        fc.integer({ min: 1, max: 120 }),
        fc.option(fc.integer({ min: 1, max: 6 })),
        (beats, gapDays, rounds) => {
          const cadence = { beats, gapDays, rounds };
          const to = start + 365;
          const dates = datedBeats(cadence, { start }, { from: start, to }, EVERY_DAY).map(
            ({ day }) => toPlainDate(day),
          );
          const expected = beats.flatMap((b) => {
            const dtstart = Temporal.PlainDate.from(toPlainDate(start + daysOf(b))).toZonedDateTime(
              'UTC',
            );
            const rule = new RRuleTemporal({
              freq: 'DAILY',
              interval: roundPeriod(cadence),
              ...(rounds === null ? {} : { count: rounds }),
              ...(rounds === null
                ? { until: Temporal.PlainDate.from(toPlainDate(to)).toZonedDateTime('UTC') }
                : {}),
              dtstart,
              temporal: Temporal,
            } as never);
            return rule.all().map((at) => at.toPlainDate().toString());
          });
          const inSpan = expected.filter((date) => toDayNumber(plainDate(date)) <= to);
          expect([...dates].sort()).toEqual(inSpan.sort());
        },
      ),
      { numRuns: 150 },
    );
  });

  test('come in order, and a span cut in two gives the same beats', () => {
    fc.assert(
      fc.property(
        beatsOf,
        fc.integer({ min: 1, max: 90 }),
        fc.integer({ min: 1, max: 700 }),
        (beats, gapDays, cut) => {
          const cadence = { beats, gapDays, rounds: null };
          const all = datedBeats(cadence, { start }, { from: start, to: start + 800 }, WEEKDAYS);
          const parts = [
            ...datedBeats(cadence, { start }, { from: start, to: start + cut }, WEEKDAYS),
            ...datedBeats(cadence, { start }, { from: start + cut + 1, to: start + 800 }, WEEKDAYS),
          ];
          expect(parts).toEqual(all);
          const nominal = all.map((b) => b.nominal);
          expect(nominal).toEqual([...nominal].sort((a, b) => a - b));
        },
      ),
    );
  });

  test('a round that is run once ends; rounds without end have no cap', () => {
    const once = { beats: [beat(0), beat(10)], gapDays: 0, rounds: 1 };
    expect(
      datedBeats(once, { start }, { from: start, to: start + 10_000 }, EVERY_DAY),
    ).toHaveLength(2);
    const endless = { beats: [beat(0)], gapDays: 365, rounds: null };
    const far = datedBeats(
      endless,
      { start },
      { from: start + 36_500, to: start + 36_864 },
      EVERY_DAY,
    );
    expect(far.map(({ round }) => round)).toEqual([100]);
  });
});

describe('working days', () => {
  const saturday = toDayNumber(plainDate('2026-11-28'));
  test.each([
    ['exact', '2026-11-28'],
    ['next', '2026-11-30'],
    ['previous', '2026-11-27'],
    ['nearest', '2026-11-27'],
  ] as const)('a Saturday moves by “%s” to %s', (rule, to) => {
    expect(toPlainDate(moveToWorkingDay(saturday, rule, WEEKDAYS))).toBe(to);
  });

  test('ties go earlier, and nothing moves before the start', () => {
    const wednesdayOff = { ...WEEKDAYS, daysOff: new Set([start + 2]) };
    expect(moveToWorkingDay(start + 2, 'nearest', wednesdayOff)).toBe(start + 1);
    expect(moveToWorkingDay(start + 2, 'previous', wednesdayOff, start + 2)).toBe(start + 3);
  });

  test('a calendar without working days leaves the day where it is', () => {
    expect(moveToWorkingDay(start, 'next', { workingDays: [], daysOff: new Set() })).toBe(start);
  });

  test('every rule but “exact” lands on a working day', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 40_000 }),
        fc.constantFrom<DayRule>('next', 'previous', 'nearest'),
        fc.uniqueArray(fc.integer({ min: 0, max: 40_000 }), { maxLength: 30 }),
        (day, rule, off) => {
          const calendar = { ...WEEKDAYS, daysOff: new Set(off) };
          expect(isWorkingDay(moveToWorkingDay(day, rule, calendar), calendar)).toBe(true);
        },
      ),
    );
  });
});

describe('the year a cadence makes', () => {
  // Common practice, no source: a touch every month in turn by call, social word and text makes
  // twelve touches in three ways a year.
  test('monthly in three ways is twelve touches in three ways', () => {
    const cadence = {
      beats: [beat(0), beat(31, 'social'), beat(62, 'text')],
      gapDays: 31,
      rounds: null,
    };
    const shape = yearShape(cadence, start, EVERY_DAY);
    expect(shape.touches).toHaveLength(12);
    expect(shape.byKind.map(({ kind, total }) => [kind, total])).toEqual([
      ['call', 4],
      ['text', 4],
      ['social', 4],
    ]);
    expect(shape.longestSilence).toBe(31);
    expect(shape.costMinor).toBe(0);
  });

  test('a single round leaves the rest of the year silent', () => {
    const shape = yearShape(
      { beats: [beat(0), beat(21, 'card')], gapDays: 0, rounds: 1 },
      start,
      EVERY_DAY,
      { card: 250 },
    );
    expect(shape.costMinor).toBe(250);
    expect(shape.longestSilence).toBe(365 - 21);
    expect(shape.byKind.map(({ total }) => total)).toEqual([1, 1]);
  });
});

describe('building', () => {
  test('moving a beat keeps the days and changes what happens on them', () => {
    const beats = [beat(0), beat(30, 'social'), beat(60, 'text')];
    expect(reorderBeats(beats, 2, 0).map((b) => [b.kind, daysOf(b)])).toEqual([
      ['text', 0],
      ['call', 30],
      ['social', 60],
    ]);
  });

  test.each([
    [{ beats: [], rounds: 1, gapDays: 0 }, 'A cadence needs at least one beat.'],
    [
      { beats: [beat(0), beat(-3)], rounds: 1, gapDays: 0 },
      'Beat 2 lies before the first day. Give it a day from 1 on.',
    ],
    [
      { beats: [beat(0)], rounds: null, gapDays: 0 },
      'Rounds that repeat need at least one day before they begin again.',
    ],
    [{ beats: [beat(0)], rounds: 0, gapDays: 5 }, 'A cadence runs at least one round.'],
  ])('what can not be run is said', (cadence, sentence) => {
    expect(faultOf(cadence)).toBe(sentence);
  });
});
