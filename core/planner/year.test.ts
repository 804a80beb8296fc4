import { toPlainDate } from '@/core/time';
import { plannedDesk, STRICT_ORDERS } from '@/testing/simulator/desks';
import { isWorked, live, randomWorld, type World, type Year } from '@/testing/simulator/world';

import { KEEPER } from './items';
import { keeperReason, movedReason } from './reasons';
import type { PlannedTouch } from './types';

// Years lived in a world that is written apart from the planner; `npm run bench` lives more of them.

const YEAR = 365;

/** What is said of a touch to somebody in the world. */
function sentenceOf(touch: PlannedTouch, { today, souls }: World): string {
  const { last, promise, missed } = souls.find(({ id }) => id === touch.item.personId)!;
  const facts = {
    promiseDays: promise,
    due: touch.item.nominal,
    last:
      last === null
        ? null
        : { kind: 'call' as const, outcome: 'reached' as const, on: toPlainDate(last), hold: 1 },
    putOffWhy: missed.has(touch.item.key) ? ('no_answer' as const) : null,
    openedOn: toPlainDate(today - 1),
    today: toPlainDate(today),
  };
  const why = touch.item.source === KEEPER ? keeperReason(facts) : '';
  return why + movedReason(touch, facts);
}

/** Reads a sentence as its owner would, against what the world knows; answers what is untrue in it. */
function untruths(touch: PlannedTouch, world: World): string[] {
  const { today, souls } = world;
  const soul = souls.find(({ id }) => id === touch.item.personId)!;
  const said = sentenceOf(touch, world);
  const number = (pattern: RegExp) => Number(pattern.exec(said)?.[1] ?? NaN);
  const ago = number(/ (\d+) days ago/);
  const promised = number(/Your (\d+)-day promise/);
  const untrue = {
    'runs out': said.includes('runs out') && soul.until < today,
    'ran out': said.includes('ran out') && soul.until >= today,
    'days ago': !Number.isNaN(ago) && ago !== today - soul.last!,
    promised: !Number.isNaN(promised) && promised !== soul.promise,
    'no answer': said.includes('No answer') && !soul.missed.has(touch.item.key),
    'put off': said.includes('You put it off'),
    'a day off': said.includes('a day off') && isWorked(world, touch.item.nominal),
    // What was tried had a place.
    'no place': said.includes('no place') && soul.missed.has(touch.item.key),
    'new here': said.includes('New here') && soul.last !== null,
  };
  return Object.entries(untrue).flatMap(([what, wrong]) => (wrong ? [`${what}: ${said}`] : []));
}

test('200 spheres live a year by the desk: it keeps every limit, and says nothing untrue', () => {
  const faults: string[] = [];
  let [kept, broken] = [0, 0];
  for (let seed = 1; seed <= 200; seed++) {
    const kind = { capacity: 2, load: 0.4, cadences: true, limits: true };
    const read = (touch: PlannedTouch, now: World) => faults.push(...untruths(touch, now));
    const year = live(randomWorld(seed, kind), YEAR, plannedDesk(read));
    faults.push(...year.faults);
    kept += year.kept;
    broken += year.broken;
  }
  expect(faults.slice(0, 20)).toEqual([]);
  expect(kept).toBeGreaterThan(10_000);
  expect(broken / kept).toBeLessThan(0.1);
});

test('at 90 to 110 % load the plan keeps at least as many promises as any strict order', () => {
  const lost: string[] = [];
  for (let seed = 1; seed <= 15; seed++) {
    const kind = { capacity: 3, load: 0.9 + (seed % 5) * 0.05, sure: true };
    const share = ({ kept, broken }: Year) => kept / (kept + broken);
    const kept = share(live(randomWorld(seed, kind), YEAR, plannedDesk()));
    for (const [name, desk] of Object.entries(STRICT_ORDERS)) {
      const other = share(live(randomWorld(seed, kind), YEAR, desk));
      if (other > kept) lost.push(`${seed} at ${kind.load}: ${name} ${other}, the plan ${kept}`);
    }
  }
  expect(lost).toEqual([]);
});
