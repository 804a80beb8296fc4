import fc from 'fast-check';

import { isWorkingDay } from '@/core/calendar';
import { spokenDate, toPlainDate, type DayNumber } from '@/core/time';
import { keptDays, KIND_WORDS, MINUTES } from '@/core/touches';
import { options, personOf, sphereRow, today } from '@/testing/plan';

import {
  countByDay,
  countWanted,
  crowdLeft,
  KEEPER,
  keeperReason,
  movedReason,
  plan,
  renewingTouch,
  waitsFor,
  type PlannedTouch,
  type PlanPerson,
} from '.';

// Every day, number and touch that is named in the sentence of a planned touch, for all touches of 13 weeks.

const day = (on: DayNumber) => spokenDate(toPlainDate(on), toPlainDate(today));

/** The sentence, made as the server makes it. */
function sentenceOf(
  touch: PlannedTouch,
  person: PlanPerson,
  {
    mine,
    waits,
    had,
  }: { mine: PlannedTouch[]; waits: ReturnType<typeof waitsFor>; had: number | null },
): string {
  const { item } = touch;
  const before =
    item.nominal === person.due ? null : renewingTouch(touch, mine, person.promiseDays);
  const facts = {
    promiseDays: person.promiseDays,
    due: item.nominal,
    last: null,
    renewedBy: before && { kind: before.item.kind, day: before.day },
    waits,
    had,
    today: toPlainDate(today),
  };
  return (item.source === KEEPER ? keeperReason(facts) : '') + movedReason(touch, facts);
}

/** When the promise runs out once the planned touches before this one are made: computed anew. */
function dueBefore({ day: on, item }: PlannedTouch, person: PlanPerson, mine: PlannedTouch[]) {
  let due = person.due ?? 0;
  for (const one of mine)
    if (one.item !== item && one.day <= on && one.item.hold > 0)
      due = Math.max(due, one.day + keptDays(one.item.hold, person.promiseDays ?? 0));
  return due;
}

const rows = fc.array(sphereRow, { minLength: 1, maxLength: 30 });
const limited = fc.record({
  capacity: fc.integer({ min: 1, max: 6 }),
  minutesPerDay: fc.option(fc.integer({ min: 20, max: 90 })),
  calls: fc.option(fc.integer({ min: 1, max: 3 })),
});

test('names only days, touches and reasons that are so', () => {
  const heard = { renewed: 0, had: 0, hello: 0, full: 0, off: 0, early: 0 };
  fc.assert(
    fc.property(rows, limited, (all, { capacity, minutesPerDay, calls }) => {
      const perKind = calls === null ? {} : { call: calls };
      const opt = options({ capacity, limits: { minutesPerDay, minutes: MINUTES, perKind } });
      const people = all.map(personOf);
      const result = plan(people, opt);
      const counts = countByDay(result.touches);
      const wanted = countWanted(result.touches);
      for (const touch of result.touches) {
        const { item } = touch;
        const person = people.find(({ id }) => id === item.personId);
        if (!person) throw new Error('a touch of nobody');
        const mine = result.touches.filter((one) => one.item.personId === item.personId);
        const waits = waitsFor(touch, counts, opt);
        const said = sentenceOf(touch, person, {
          mine,
          waits,
          had: crowdLeft(touch, wanted, counts),
        });
        const isKeeper = item.source === KEEPER;
        const due = dueBefore(touch, person, mine);
        if (/the next is due by/.test(said)) {
          heard.renewed += 1;
          expect(said).toContain(`the next is due by ${day(due)}.`);
          const named = mine.filter((one) => {
            const [on, noun] = [day(one.day), KIND_WORDS[one.item.kind].noun];
            return (
              said.startsWith(`After the ${on} ${noun},`) ||
              said.startsWith(`After ${on}’s ${noun},`)
            );
          });
          expect(
            named.map((one) => one.day + keptDays(one.item.hold, person.promiseDays ?? 0)),
          ).toContain(due);
        } else if (isKeeper) {
          // Nothing planned before it renews the promise: it is the one of today.
          expect([said, due]).toEqual([said, person.due]);
          if (due < today) expect(said).toContain(`Your first hello was due ${day(due)}.`);
          else
            expect(said).toContain(
              `New here. Say hello ${due === today ? 'today' : `by ${day(due)}`}.`,
            );
          heard.hello += 1;
        }
        if (/Moved up|Planned early/.test(said)) {
          heard.early += 1;
          expect(touch.day).toBeLessThan(item.wanted);
          if (!isKeeper) expect(said).toContain(`Moved up from ${day(item.wanted)},`);
        }
        const had = /which had (\d+) touches/.exec(said);
        if (had) {
          heard.had += 1;
          expect(said).toContain(`from ${day(item.wanted)}, which had`);
          const [there, here] = [
            result.touches.filter((one) => one.item.wanted === item.wanted).length,
            result.touches.filter((one) => one.day === touch.day).length,
          ];
          expect([Number(had[1]), there > here]).toEqual([there, true]);
        }
        if (/No room sooner/.test(said)) {
          heard.full += 1;
          for (let on = Math.max(item.wanted, today); on < touch.day; on++) {
            if (!isWorkingDay(on, opt.calendar)) continue;
            const there = result.touches
              .filter((one) => one.day === on)
              .map((one) => one.item.kind);
            const minutes = there.reduce((sum, kind) => sum + MINUTES[kind], 0);
            const isFull =
              there.length >= capacity ||
              (minutesPerDay !== null && minutes + MINUTES[item.kind] > minutesPerDay) ||
              (item.kind === 'call' &&
                calls !== null &&
                there.filter((kind) => kind === 'call').length >= calls);
            expect([said, on, isFull]).toEqual([said, on, true]);
          }
        }
        if (/a day off/.test(said)) {
          heard.off += 1;
          const from = touch.cause === 'day_off' ? item.nominal : item.wanted;
          expect(said).toContain(`Moved from ${day(from)}, a day off`);
          expect(isWorkingDay(from, opt.calendar)).toBe(false);
        }
      }
    }),
    { numRuns: 150, seed: 13 },
  );
  for (const n of Object.values(heard)) expect(n).toBeGreaterThan(20);
});
