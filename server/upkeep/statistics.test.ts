import { runImport } from '@/contract/imports';
import { changeMany } from '@/contract/many';
import { listPeople } from '@/contract/people';
import { base64, startTestApi, type TestApi } from '@/testing/api';

import { refreshStatistics } from '../db';

let api: TestApi;
beforeAll(async () => {
  api = await startTestApi();
});
afterAll(() => api.close());

const knownRows = async (table: string) =>
  (
    await api.ctx.db.query<{ reltuples: number }>(
      'select reltuples::float8 as reltuples from pg_class where relname = $1',
      [table],
    )
  )[0]!.reltuples;
// A PostgreSQL server keeps its own statistics, in its own time.
const onPglite = process.env.PENPAL_DATABASE_URL ? test.skip : test;

onPglite(
  'after a large import the database knows its tables, and sweeps after large changes',
  async () => {
    const rows = Array.from({ length: 600 }, (_, i) => `Given${i},Lind${i},p${i}@example.com`);
    const content = base64(['First name,Last name,E-mail', ...rows].join('\n'));
    await api.call(runImport, {
      body: { fileName: 'many.csv', content, mapping: null, circleId: null, tag: null },
    });
    expect(await knownRows('person_all')).toBe(600);
    expect(await knownRows('person_standing')).toBeGreaterThanOrEqual(0);
    for (const source of ['Here', 'There'])
      await api.call(changeMany, {
        body: { who: { filter: {} }, change: { do: 'source', source } },
      });
    await api.ctx.db.query('select pg_stat_force_next_flush()');
    const [dead] = await api.ctx.db.query<{ n: number }>(
      `select n_dead_tup::int as n from pg_stat_user_tables where relname = 'person_all'`,
    );
    expect(dead!.n).toBeLessThan(200);
    expect(await refreshStatistics(api.ctx.db)).toEqual([]);
    // What is new is swept as well, so that it is counted by an index alone.
    await api.ctx.db.query(
      `insert into touch (id, person_id, on_day, logged_at, kind, outcome, hold)
       select gen_random_uuid(), (select id from person_all limit 1), date '2025-01-01' + i % 300, now(), 'call', 'reached', 1
       from generate_series(1, 3000) i`,
    );
    expect(await refreshStatistics(api.ctx.db)).toContain('touch');
    const [swept] = await api.ctx.db.query<{ share: number }>(
      `select relallvisible / relpages::float8 as share from pg_class where relname = 'touch'`,
    );
    expect(swept!.share).toBe(1);
  },
);

test('the list of people needs no statistics to be sound: nobody is looked up once for each other', async () => {
  const seen: string[] = [];
  const { db } = api.ctx;
  const query = db.query.bind(db);
  db.query = (async (text: string, params: unknown[]) => {
    if (text.startsWith('with page')) {
      const plan = await query<{ 'QUERY PLAN': string }>(
        `explain (analyze, timing off) ${text}`,
        params,
      );
      seen.push(...plan.map((row) => row['QUERY PLAN']));
    }
    return query(text, params);
  }) as typeof db.query;
  // As on the first day: nothing is known of any table.
  await query(
    `update pg_class set reltuples = -1, relpages = 0 where relnamespace = 'public'::regnamespace and relkind = 'r'`,
  ).catch(() => {});
  await query(`delete from pg_statistic`).catch(() => {});
  for (const q of [{ sort: 'slack' as const }, { text: 'lind', sort: 'match' as const }])
    await api.call(listPeople, { query: { ...q, limit: 50 } });
  db.query = query;
  expect(seen.length).toBeGreaterThan(0);
  // Rows that a step throws away, times how often it is run: quadratic would be 360,000.
  const thrown = seen.join('\n').matchAll(/Rows Removed by \w+ ?\w*: (\d+)/g);
  expect(Math.max(0, ...[...thrown].map(([, n]) => Number(n)))).toBeLessThan(10_000);
});
