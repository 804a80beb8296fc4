import { findSame } from '@/core/same';

import { makeDoubles, toKnown } from './doubles';
import { medianMs, type Figure } from './table';

/** How well doubles are found: shares of the generated set with known answers. */
export function measureDoubles(size: number, doubles: number, seed?: number) {
  const { people, pairs } = makeDoubles(size, doubles, seed);
  const found = findSame(toKnown(people));
  const sure = found.filter(({ verdict }) => verdict === 'sure');
  const isTrue = ({ a, b }: { a: string; b: string }) => pairs.has(`${a} ${b}`);
  const share = (n: number, of: number) => n / of;
  return {
    precision: share(sure.filter(isTrue).length, sure.length),
    recall: share(sure.filter(isTrue).length, pairs.size),
    askedRecall: share(found.filter(isTrue).length, pairs.size),
  };
}

const percent = (what: string, value: number, least: number): Figure => ({
  what: `${what}, in % instead of ms`,
  size: '10000 people, 1500 known doubles',
  ms: value * 100,
  limit: { what: `at least ${least * 100} %`, kept: value >= least },
});

export async function benchSame(): Promise<Figure[]> {
  const times: number[] = [];
  for (const size of [1_000, 10_000]) {
    const { people } = makeDoubles(size, Math.round(size * 0.15));
    times.push(await medianMs(() => findSame(toKnown(people)), 3));
  }
  const growth = times[1]! / times[0]!;
  const { precision, recall, askedRecall } = measureDoubles(10_000, 1_500);
  return [
    { what: 'same-person detection', size: '1000 people', ms: times[0]! },
    {
      what: 'same-person detection',
      size: '10000 people',
      ms: times[1]!,
      limit: { what: `growth ${growth.toFixed(1)}× of at most 12×`, kept: growth <= 12 },
    },
    percent('precision of “sure”', precision, 0.97),
    percent('recall of “sure”', recall, 0.95),
    percent('recall of “sure” or “ask”', askedRecall, 0.99),
  ];
}
