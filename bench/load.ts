import { call } from '@/contract/call';
import type { Endpoint } from '@/contract/endpoint';
import { getConsistency, getAhead, getLeast, readTrial, startTrial } from '@/contract/planner';
import { runImport } from '@/contract/imports';
import { addPerson, getPerson, listPeople, peopleFacets } from '@/contract/people';
import { getDesk } from '@/contract/touches';

import { exportFile } from '@/testing/export';

import { dayBefore, fileOf, inDirectory, startProduct, timed } from './product';
import { median, type Figure } from './table';

/** However long it takes: what is measured is when the answer comes, not whether one would wait for it. */
const patiently = <E extends Endpoint>(endpoint: E): E => ({ ...endpoint, long: true });

const PEOPLE = 20_000;
const SIZE = `${PEOPLE} people, ${2 * PEOPLE} touches`;

const within = (what: string, ms: number, limit: number): Figure => ({
  what,
  size: SIZE,
  ms,
  limit: { what: `under ${limit} ms`, kept: ms < limit },
});

/** The largest sphere, and many who ask at once. */
export async function benchLoad(): Promise<Figure[]> {
  const figures: Figure[] = [];
  await inDirectory(async (dir) => {
    const { base, mostMemoryMb, end } = await startProduct(dir);
    try {
      await call(runImport, { body: fileOf(PEOPLE, (i) => dayBefore(30 + (i % 200))) }, { base });
      // The same people with a later touch each.
      const later = { ...fileOf(PEOPLE, (i) => dayBefore(i % 200)), same: 'join' as const };
      await call(runImport, { body: later }, { base });
      figures.push(
        within('200 requests at once after an import: the last', await many(base), 5_000),
      );
      figures.push(...(await one(base)));
      figures.push({ what: '60 what-ifs at once: the last', size: SIZE, ms: await trials(base) });
      const mb = await mostMemoryMb();
      figures.push({
        what: 'memory at its peak, in MB',
        size: SIZE,
        ms: mb,
        limit: { what: 'under 1200 MB', kept: mb < 1_200 },
      });
    } finally {
      await end();
    }
  });
  return figures;
}

/** What a window full of screens asks for, twenty times at once. */
async function many(base: string): Promise<number> {
  const { rows } = await call(patiently(listPeople), { query: { limit: 1 } }, { base });
  const id = rows[0]!.id;
  const asks = [
    () => call(patiently(getDesk), {}, { base }),
    () => call(patiently(listPeople), {}, { base }),
    () => call(patiently(listPeople), { query: { text: 'marsh', sort: 'match' } }, { base }),
    () => call(patiently(listPeople), { query: { sort: 'name', offset: 5_000 } }, { base }),
    () => call(patiently(peopleFacets), {}, { base }),
    () => call(patiently(peopleFacets), { query: { text: 'boat' } }, { base }),
    () => call(patiently(getPerson), { params: { id } }, { base }),
    () => call(patiently(getAhead), {}, { base }),
    () => call(patiently(getAhead), { query: { weeks: 26 } }, { base }),
    () => call(patiently(getConsistency), {}, { base }),
  ];
  const times = await Promise.all(
    Array.from({ length: 200 }, (_, i) => timed(asks[i % asks.length]!)),
  );
  return Math.max(...times);
}

/** One request after the other. */
async function one(base: string): Promise<Figure[]> {
  const changed = (givenName: string) =>
    call(patiently(addPerson), { body: { givenName, phone: '555-0199' } }, { base });
  const desks: number[] = [];
  for (const name of ['Ada', 'Bea', 'Cleo', 'Dora', 'Elsa']) {
    await changed(name);
    desks.push(await timed(() => call(patiently(getDesk), {}, { base })));
  }
  const [all, found]: [number[], number[]] = [[], []];
  for (const text of ['boat', 'garden', 'marsh', 'wick', 'holm']) {
    // What was worked out before is not kept over a write.
    await changed('Gail');
    all.push(await timed(() => call(patiently(peopleFacets), {}, { base })));
    found.push(await timed(() => call(patiently(peopleFacets), { query: { text } }, { base })));
  }
  // Nothing else is asked in between: planning anew is part of it.
  await changed('Fern');
  const ahead = (weeks: number) =>
    timed(() => call(patiently(getAhead), { query: { weeks } }, { base }));
  const [weeks13, weeks52] = [await ahead(13), await ahead(52)];
  const least = await timed(() => call(getLeast, { query: { weeks: 52 } }, { base }));
  const cards = await timed(() => exportFile(base, { who: { filter: {} }, format: 'vcard' }));
  return [
    within('the desk after somebody was added', median(desks), 200),
    within('counts by warmth and tag', median(all), 100),
    within('the same of those found by a word', median(found), 100),
    within('ahead, 13 weeks, the first time', weeks13, 1_500),
    within('ahead, 52 weeks, the first time', weeks52, 4_000),
    within('ahead, 52 weeks, with the least room', weeks52 + least, 30_000),
    within('everybody out as cards', cards, 8_000),
  ];
}

/** What-ifs, all begun at once. */
async function trials(base: string): Promise<number> {
  const one = async (capacity: number) => {
    const body = { trial: { capacity } };
    const { id } = await call(patiently(startTrial), { body }, { base });
    for (;;) {
      const { state } = await call(patiently(readTrial), { params: { id } }, { base });
      if (state === 'done') return;
      await new Promise((done) => setTimeout(done, 500));
    }
  };
  return timed(() => Promise.all(Array.from({ length: 60 }, (_, i) => one(100 + i))));
}
