import { findSame } from '@/core/same';

import { makeDoubles, toKnown } from './doubles';
import { makeHomes } from './homes';
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

/** How homes and offices fare, which share what one person is known by: spheres of 1,000 homes each. */
export function measureHomes(spheres: number) {
  const sum = { incoming: 0, real: 0, sure: 0, wrong: 0, found: 0, asked: 0 };
  for (let sphere = 0; sphere < spheres; sphere++) {
    const { known, incoming, whose } = makeHomes(1_000, 100 + sphere);
    const pairs = findSame(known, incoming);
    const isTrue = ({ a, b }: { a: string; b: string }) => whose.get(a) === whose.get(b);
    const sure = pairs.filter(({ verdict }) => verdict === 'sure');
    const times = new Map<string, { records: number; comesIn: boolean }>();
    for (const { id } of known) {
      const { records, comesIn } = times.get(whose.get(id)!) ?? { records: 0, comesIn: false };
      times.set(whose.get(id)!, { records: records + 1, comesIn: comesIn || incoming.has(id) });
    }
    sum.incoming += incoming.size;
    sum.real += [...times.values()].filter((t) => t.records > 1 && t.comesIn).length;
    sum.sure += sure.length;
    sum.wrong += sure.filter((pair) => !isTrue(pair)).length;
    sum.found += new Set(pairs.filter(isTrue).map(({ a }) => whose.get(a))).size;
    sum.asked += pairs.length - sure.length;
  }
  return {
    ...sum,
    precision: 1 - sum.wrong / sum.sure,
    askedRecall: sum.found / sum.real,
    askedPer1000: (sum.asked / sum.incoming) * 1_000,
  };
}

const DOUBLES = '10000 people, 1500 known doubles';
const HOMES = '100000 homes, 1000 in each sphere';

const percent = (what: string, value: number, least: number, size = DOUBLES): Figure => ({
  what: `${what}, in % instead of ms`,
  size,
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
  const homes = measureHomes(100);
  return [
    { what: 'same-person detection', size: '1000 people', ms: times[0]! },
    {
      what: 'same-person detection',
      size: '10000 people',
      ms: times[1]!,
      limit: { what: `growth ${growth.toFixed(1)}× of at most 12×`, kept: growth <= 12 },
    },
    percent('precision of “sure”', precision, 0.999),
    { what: 'recall of “sure”, in % instead of ms', size: DOUBLES, ms: recall * 100 },
    percent('recall of “sure” or “ask”', askedRecall, 0.98),
    {
      what: 'surely one, but two people, instead of ms',
      size: HOMES,
      ms: homes.wrong,
      limit: { what: `none of ${homes.sure}`, kept: homes.wrong === 0 },
    },
    percent('recall of “sure” or “ask”', homes.askedRecall, 0.98, HOMES),
    { what: 'asked about, for 1,000 who come in', size: HOMES, ms: homes.askedPer1000 },
  ];
}
