import { endpoints } from '@/contract';
import { runImport } from '@/contract/imports';
import { LOOPBACK } from '@/server/guard';
import { base64, startTestApi, type TestApi } from '@/testing/api';
import { cadencesOf, beat } from '@/testing/cadences';
import { fuzz } from '@/testing/fuzz/fuzz';

const SEED = Number(process.env.PENPAL_FUZZ_SEED ?? 20261123);
const REQUESTS = Number(process.env.PENPAL_FUZZ ?? 3_000);

let api: TestApi;
const begin = async (more: Parameters<typeof startTestApi>[0]) => {
  api = await startTestApi({ demo: true, ...more });
  return () =>
    api.ctx.db.query(
      'select (select count(*) from action) as actions, (select max(seq) from change) as seq',
    );
};
afterEach(() => api.close());

test('whatever is asked is answered in words, in time, and what is refused writes nothing', async () => {
  const writes = await begin({});
  const rows = Array.from(
    { length: 30 },
    (_, i) => `Given${i},Lind${i},p${i}@example.com,555-01${10 + i}`,
  );
  const content = base64(['First name,Last name,E-mail,Phone', ...rows].join('\n'));
  await api.call(runImport, {
    body: { fileName: 'some.csv', content, mapping: null, circleId: null, tag: 'boat' },
  });
  await cadencesOf(() => api).build([beat(0), beat(9)]);
  const { findings, statuses, taken } = await fuzz({
    base: api.url,
    seed: SEED,
    requests: REQUESTS,
    writes,
  });
  expect(findings).toEqual([]);
  // It met what comes after the schemas, too.
  expect(statuses[200]! / REQUESTS).toBeGreaterThan(0.25);
  expect(taken.size).toBeGreaterThan(60);
}, 900_000);

test('without a session, whatever is asked is answered with nothing', async () => {
  const reach = { ...LOOPBACK, origins: ['https://penpal.example.com'] };
  const writes = await begin({ reach });
  await api.ctx.guard.passphrase.set('harbor lantern oatmeal bridge');
  const { findings, statuses, taken } = await fuzz({
    base: api.url,
    seed: SEED,
    requests: REQUESTS / 3,
    writes,
    // It takes long by design, and the door has tests of its own.
    without: ['/access/sign-in'],
  });
  expect(findings).toEqual([]);
  // What the page asks before anybody is signed in, and nothing else.
  const open = endpoints.filter((one) => one.open).map(({ method, path }) => `${method} ${path}`);
  for (const one of taken) expect(open).toContain(one.toLowerCase());
  expect(statuses[401]! / REQUESTS).toBeGreaterThan(0.3);
}, 900_000);
