import { getAlmanac, getAlmanacYear } from '@/contract/almanac';
import { call } from '@/contract/call';
import { addFeed } from '@/contract/calendars';
import { addRule, listGreetings, listRules } from '@/contract/greetings';
import { runImport } from '@/contract/imports';
import { plainDate } from '@/core/time';

import { fileOf, inDirectory, settled, startProduct, timed } from './product';
import { median, type Figure } from './table';

const PEOPLE = 5_000;
const TIMES = 20;

/** The almanac through the product, of a list in which everybody's birthday is known. */
export async function benchAlmanacServed(): Promise<Figure[]> {
  const figures: Figure[] = [];
  await inDirectory(async (dir) => {
    const { base, end } = await startProduct(dir);
    try {
      await call(runImport, { body: fileOf(PEOPLE, undefined, () => true) }, { base });
      await call(addRule, { body: { occasion: 'birthday', kind: 'call' } }, { base });
      await settled(base);
      figures.push(await feed(base), ...(await views(base)));
    } finally {
      await end();
    }
  });
  return figures;
}

/** A feed that is read again and again, as a calendar of somebody's phone does. */
async function feed(base: string): Promise<Figure> {
  const body = { name: 'All', shows: ['dates' as const, 'touches' as const] };
  const { path } = await call(addFeed, { body }, { base });
  const read = async () => (await fetch(new URL(path, base))).text();
  const first = await read();
  const times: number[] = [];
  let same = true;
  for (let i = 0; i < TIMES; i++)
    times.push(await timed(async () => void (same = (await read()) === first && same)));
  const ms = median(times);
  return {
    what: 'a feed, read through the product',
    size: `${first.match(/BEGIN:VEVENT/g)?.length ?? 0} events, ${same ? 'the same bytes' : 'OTHER BYTES'} ${TIMES} times`,
    ms,
    limit: { what: 'under 500 ms, unchanged', kept: ms < 500 && same },
  };
}

/** What the almanac's screens ask for. */
async function views(base: string): Promise<Figure[]> {
  const [from, to] = [plainDate('2026-11-30'), plainDate('2027-01-03')];
  const asked: [what: string, ask: () => Promise<unknown>][] = [
    ['the almanac of a month', () => call(getAlmanac, { query: { from, to } }, { base })],
    ['the almanac of a year', () => call(getAlmanacYear, { query: { year: 2027 } }, { base })],
    ['the greetings of five weeks', () => call(listGreetings, { query: { from, to } }, { base })],
    ['the rules, with their years', () => call(listRules, {}, { base })],
  ];
  const figures: Figure[] = [];
  for (const [what, ask] of asked) {
    const times: number[] = [];
    for (let i = 0; i < TIMES; i++) times.push(await timed(ask));
    figures.push({ what, size: `${PEOPLE} people, through the product`, ms: median(times) });
  }
  return figures;
}
