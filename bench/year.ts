import { plannedDesk, STRICT_ORDERS } from '@/testing/simulator/desks';
import { live, randomWorld, type Year } from '@/testing/simulator/world';

import type { Figure } from './table';

const YEAR = 365;
const LOADS = [0.9, 0.95, 1, 1.05, 1.1];
const SPHERES = 200;

interface Sum {
  kept: number;
  broken: number;
  held: number;
  people: number;
  /** Spheres in which this order kept a larger share than the plan. */
  better: number;
}

const share = ({ kept, broken }: Pick<Year, 'kept' | 'broken'>) => kept / (kept + broken);
const percent = (n: number) => `${(100 * n).toFixed(1)} %`;

/** Years lived by the desk: what the plan keeps beside strict orders, and how long a year takes. */
export async function benchYear(): Promise<Figure[]> {
  printCompared({ sure: true });
  printCompared({ sure: false });
  printCompared({ sure: false, limits: true });
  printAfterAbsence();
  const world = randomWorld(1, { capacity: 31, load: 0.9, cadences: true });
  const began = performance.now();
  const { touches } = live(world, YEAR, plannedDesk());
  const ms = performance.now() - began;
  return [
    {
      what: `a year lived by the desk, ${touches} touches`,
      size: `${world.souls.length} people`,
      ms,
      limit: { what: 'under 60 s for 1,000 people', kept: ms < 60_000 },
    },
  ];
}

/** Prints the plan beside the strict orders in the same spheres; `sure` where every call reaches somebody. */
function printCompared({ sure, limits = false }: { sure: boolean; limits?: boolean }): void {
  const sums = new Map<string, Map<number, Sum>>();
  const add = (name: string, load: number, year: Year, people: number, better: boolean) => {
    const byLoad = sums.get(name) ?? new Map<number, Sum>();
    const sum = byLoad.get(load) ?? { kept: 0, broken: 0, held: 0, people: 0, better: 0 };
    sum.kept += year.kept;
    sum.broken += year.broken;
    sum.held += year.held / YEAR;
    sum.people += people;
    sum.better += better ? 1 : 0;
    sums.set(name, byLoad.set(load, sum));
  };
  for (let seed = 1; seed <= SPHERES; seed++) {
    const load = LOADS[seed % LOADS.length]!;
    const world = () => randomWorld(seed, { capacity: 3, load, sure, limits });
    const people = world().souls.length;
    const plan = live(world(), YEAR, plannedDesk());
    add('the plan', load, plan, people, false);
    for (const [name, desk] of Object.entries(STRICT_ORDERS)) {
      const year = live(world(), YEAR, desk);
      add(name, load, year, people, share(year) > share(plan));
    }
  }
  console.log(
    `Promises kept of those that came due, and held on an average day, in ${SPHERES} spheres; ${sure ? 'every call reaches somebody' : 'one call in four reaches nobody'}${limits ? ', with homes and, in some, limits by kind and minutes' : ''}`,
  );
  for (const [name, byLoad] of sums) {
    const cells = LOADS.map((load) => {
      const sum = byLoad.get(load)!;
      return `${percent(load)}: ${percent(share(sum))} (${percent(sum.held / sum.people)})`;
    });
    const better = LOADS.reduce((n, load) => n + byLoad.get(load)!.better, 0);
    console.log(`${name.padEnd(20)} ${cells.join('  ')}  better than the plan in ${better}`);
  }
}

const AWAY = 90;

/** Prints what is broken after three months away, five and twenty days into the work. */
function printAfterAbsence(): void {
  console.log(`After ${AWAY} days away, in ${SPHERES} spheres at 80 % load: promises still broken`);
  for (const [name, desk] of Object.entries({ 'the plan': plannedDesk(), ...STRICT_ORDERS })) {
    const cells = [0, 5, 15].map((days) => ({ days, inner: 0, all: 0 }));
    for (let seed = 1; seed <= SPHERES; seed++) {
      const world = randomWorld(seed, { capacity: 6, load: 0.8, sure: true });
      for (const soul of world.souls) {
        soul.until -= AWAY;
        soul.broken = soul.until < world.today;
      }
      for (const cell of cells) {
        live(world, cell.days, desk);
        const broken = world.souls.filter((soul) => soul.broken);
        cell.all += broken.length;
        cell.inner += broken.filter(({ circle }) => circle === 0).length;
      }
    }
    const text = cells.map(({ inner, all }) => `${all} (inner circle ${inner})`).join('  ');
    console.log(`${name.padEnd(20)} at once, after 5 and 20 days: ${text}`);
  }
}
