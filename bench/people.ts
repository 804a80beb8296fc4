import { call } from '@/contract/call';
import { runImport } from '@/contract/imports';
import { changeMany } from '@/contract/many';
import { countPeople, listPeople } from '@/contract/people';
import { undoAction } from '@/contract/history';
import { newId } from '@/server/db';
import { insertNotes, insertPeople, toNote, toRecord } from '@/server/people';
import { base64, startTestApi, type TestApi } from '@/testing/api';

import { makeDoubles } from './doubles';
import { INNER_TO_OUTER, rowsFor } from './sphere';
import { medianMs, type Figure } from './table';

const PEOPLE = 20_000;
const TODAY = '2026-11-23';

async function fill(api: TestApi): Promise<string[]> {
  const { people } = makeDoubles(PEOPLE, 1);
  const ids = people.map(() => newId());
  await insertPeople(
    api.ctx.db,
    people.map(({ fields }, i) =>
      toRecord(fields, {
        id: ids[i]!,
        version: 1,
        circleId: INNER_TO_OUTER[i % 4]!,
        ownPromiseDays: null,
        addedOn: TODAY,
        batchId: null,
      }),
    ),
  );
  await insertNotes(
    api.ctx.db,
    ids.flatMap((id, i) =>
      i % 4 === 0 ? [toNote(id, TODAY, `Kitchen half done, boat ${i}`)] : [],
    ),
  );
  await api.ctx.db.query('analyze');
  return people.map(({ fields }) => fields.familyName.toLowerCase());
}

/** Times of a call for each text, the 95th percentile of them. */
async function p95(texts: readonly string[], work: (text: string) => Promise<unknown>) {
  const times: number[] = [];
  for (const text of texts) {
    const started = performance.now();
    await work(text);
    times.push(performance.now() - started);
  }
  return times.sort((a, b) => a - b)[Math.floor(times.length * 0.95)]!;
}

async function benchSearch(api: TestApi, names: readonly string[]): Promise<Figure[]> {
  const picked = Array.from({ length: 40 }, (_, i) => names[i * 397]!);
  const search = (text: string) =>
    call(listPeople, { query: { text, sort: 'match', limit: 50 } }, { base: api.url });
  const bare = (text: string) =>
    api.ctx.db.query('select id, name from person where search_text like $1', [`%${text}%`]);
  // As it is typed: three letters, five, the whole name.
  const typed = picked.flatMap((name) => [name.slice(0, 3), name.slice(0, 5), name]);
  const wrong = picked.map((name) => name.slice(0, 2) + name[3] + name[2] + name.slice(4));
  await p95(typed, search);
  const [ms, floor] = [await p95(typed, search), await p95(typed, bare)];
  const near = await p95(wrong, search);
  return [
    {
      what: 'search as you type, 95th percentile',
      size: `${PEOPLE} people`,
      ms,
      floor: { what: 'bare indexed lookup', ms: floor },
      limit: { what: 'under 50 ms and at most 3×', kept: ms < 50 && ms / floor <= 3 },
    },
    { what: 'search misspelled, 95th percentile', size: `${PEOPLE} people`, ms: near },
  ];
}

const NESTED = {
  match: 'all' as const,
  of: [
    { field: 'circle', test: 'anyOf' as const, values: ['Inner', 'Close'] },
    {
      match: 'any' as const,
      of: [
        { field: 'note', test: 'contains' as const, values: ['kitchen'] },
        { field: 'familyName', test: 'letters' as const, values: ['a', 'm'] },
        {
          match: 'none' as const,
          of: [
            { field: 'lastTouch', test: 'inLast' as const, values: [90] },
            { field: 'birthday', test: 'month' as const, values: ['next'] },
          ],
        },
      ],
    },
  ],
};

async function benchFilter(api: TestApi): Promise<Figure> {
  const ms = await medianMs(() =>
    call(countPeople, { body: { filter: { rules: NESTED } } }, { base: api.url }),
  );
  return {
    what: 'nested filter with count',
    size: `${PEOPLE} people`,
    ms,
    limit: { what: 'under 150 ms', kept: ms < 150 },
  };
}

async function benchMany(api: TestApi): Promise<Figure> {
  const started = performance.now();
  const body = { who: { filter: {} }, change: { do: 'addTag' as const, tag: 'bench' } };
  const { actionId, people } = await call(changeMany, { body }, { base: api.url });
  const tagged = performance.now() - started;
  await call(undoAction, { params: { id: actionId } }, { base: api.url });
  const ms = performance.now() - started;
  return {
    what: `tag ${people} people and undo it (${tagged.toFixed(0)} ms to tag)`,
    size: `${PEOPLE} people`,
    ms,
    limit: { what: 'under 3 s', kept: ms < 3_000 && people === PEOPLE },
  };
}

async function importMs(same: 'join' | 'add'): Promise<number> {
  const api = await startTestApi({ today: TODAY });
  try {
    // Half of those coming in are here already.
    const body = { mapping: null, circleId: null, tag: null, fileName: 'bench.csv' };
    const here = { ...body, content: base64(rowsFor(5_000)), same: 'add' as const };
    await call(runImport, { body: here }, { base: api.url });
    const content = base64(rowsFor(10_000));
    const started = performance.now();
    await call(runImport, { body: { ...body, content, same } }, { base: api.url });
    return performance.now() - started;
  } finally {
    await api.close();
  }
}

async function benchJoin(): Promise<Figure> {
  const [ms, floor] = [await importMs('join'), await importMs('add')];
  return {
    what: 'import with detection, half here already',
    size: '10000 rows',
    ms,
    floor: { what: 'without detection', ms: floor },
    limit: { what: 'at most 4×', kept: ms / floor <= 4 },
  };
}

export async function benchPeople(): Promise<Figure[]> {
  const api = await startTestApi({ today: TODAY });
  try {
    const names = await fill(api);
    return [
      ...(await benchSearch(api, names)),
      await benchFilter(api),
      await benchMany(api),
      await benchJoin(),
    ];
  } finally {
    await api.close();
  }
}
