import fc from 'fast-check';

import type { WorkCalendar } from '@/core/calendar';
import { plainDate, toDayNumber } from '@/core/time';

import {
  difference,
  endlessHandOver,
  handOverSentence,
  openTouches,
  touchKey,
  type Beat,
  type Cadence,
  type Running,
} from '.';

const EVERY_DAY: WorkCalendar = { workingDays: [1, 2, 3, 4, 5, 6, 7], daysOff: new Set() };
const today = toDayNumber(plainDate('2026-11-23'));
const year = { from: today, to: today + 364 };

const beat = (id: string, days: number, kind: Beat['kind'] = 'call'): Beat => ({
  id,
  timing: { on: 'after', days },
  kind,
  wordings: [],
  dayRule: 'exact',
  way: 'hand',
});
const once = (...beats: Beat[]) => ({ beats, rounds: 1, gapDays: 0 });
const running = (start: number, settledUntil: number | null = null): Running => ({
  personId: `p${start}`,
  run: { start },
  settledUntil,
});

describe('changing a running cadence', () => {
  const before = once(beat('a', 0), beat('b', 30), beat('c', 60));
  const compare = (after: ReturnType<typeof once>, who = [running(today)]) =>
    difference(before, after, who, year, EVERY_DAY);

  test('the same cadence changes nothing', () => {
    expect(compare(before)).toEqual({ people: [], moved: 0, added: 0, dropped: 0, turned: 0 });
  });

  test('a beat that is moved, one that is new, one that goes, one that becomes another kind', () => {
    const result = compare(once(beat('a', 0, 'text'), beat('b', 40), beat('d', 50)));
    expect(result).toMatchObject({ moved: 1, added: 1, dropped: 1, turned: 1 });
    expect(result.people[0]!.changes.map(({ beat: b, from, to }) => [b.id, from, to])).toEqual([
      ['a', today, today],
      ['b', today + 30, today + 40],
      ['d', null, today + 50],
      ['c', today + 60, null],
    ]);
  });

  test('touches made are left alone, and their beats do not come again on a later day', () => {
    const who = { ...running(today - 35, today - 5), settled: new Set([touchKey('b', 0)]) };
    const result = compare(once(beat('a', 0), beat('b', 50), beat('c', 60)), [who]);
    expect(result.people).toEqual([]);
  });

  test('only people for whom something changes are counted', () => {
    const result = compare(once(beat('a', 5), beat('b', 30), beat('c', 60)), [
      running(today),
      running(today - 40, today - 10),
    ]);
    expect(result.people.map(({ personId }) => personId)).toEqual([`p${today}`]);
  });

  test('a touch that moves over the end of the year is moved, neither new nor dropped', () => {
    const yearly = (day: number) => ({ beats: [beat('a', day)], rounds: null, gapDays: 360 - day });
    const result = difference(yearly(0), yearly(10), [running(today)], year, EVERY_DAY);
    expect(result).toMatchObject({ moved: 2, added: 0, dropped: 0 });
  });

  const cadences = fc
    .uniqueArray(fc.tuple(fc.constantFrom('a', 'b', 'c', 'd', 'e'), fc.nat(200)), {
      maxLength: 5,
      selector: ([id]) => id,
    })
    .map((rows) => once(...rows.map(([id, days]) => beat(id, days))));

  test('what it says adds up: open before, less what is dropped, plus what is added, is open after', () => {
    fc.assert(
      fc.property(cadences, cadences, fc.nat(200), (a, b, ago) => {
        const who = running(today - ago, today - Math.floor(ago / 2));
        const open = (cadence: typeof a) => openTouches(cadence, who, year, EVERY_DAY).size;
        const { added, dropped } = difference(a, b, [who], year, EVERY_DAY);
        expect(open(a) - dropped + added).toBe(open(b));
        const back = difference(b, a, [who], year, EVERY_DAY);
        expect([back.added, back.dropped]).toEqual([dropped, added]);
      }),
      { numRuns: 500 },
    );
  });
});

describe('hand-overs', () => {
  const cadence = (id: string, to: string | null, waitDays = 0): Cadence => ({
    ...once(beat('a', 0)),
    id,
    name: id.toUpperCase(),
    followOn: false,
    handOver: to ? { cadenceId: to, waitDays } : null,
  });

  test('a circle without a wait is found, with its path', () => {
    const saved = [cadence('b', 'c'), cadence('c', 'a')];
    const path = endlessHandOver(cadence('a', 'b'), saved)!;
    expect(path).toEqual(['A', 'B', 'C', 'A']);
    expect(handOverSentence(path)).toBe(
      'These hand over to each other in a circle without a wait: A → B → C → A. Give one of them a wait, or let one end.',
    );
  });

  test('so is a cadence that hands over to itself', () => {
    expect(endlessHandOver(cadence('a', 'a'), [])).toEqual(['A', 'A']);
  });

  test('a wait anywhere on it makes a long round of it', () => {
    expect(endlessHandOver(cadence('a', 'b'), [cadence('b', 'a', 30)])).toBeNull();
  });

  test('a chain that ends, or that meets a circle further on, is none of this cadence’s', () => {
    expect(endlessHandOver(cadence('a', 'b'), [cadence('b', null)])).toBeNull();
    expect(endlessHandOver(cadence('a', 'b'), [cadence('b', 'b')])).toBeNull();
    expect(endlessHandOver(cadence('a', 'gone'), [])).toBeNull();
  });
});
