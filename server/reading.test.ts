import { endpoints } from '@/contract';
import type { Endpoint } from '@/contract/endpoint';
import { createCadence, feedCadence } from '@/contract/cadences';
import { enrol } from '@/contract/enrolments';
import { addPerson } from '@/contract/people';
import { saveRota } from '@/contract/rota';
import { moveClock } from '@/contract/settings';
import { logTouch } from '@/contract/touches';
import { saveView } from '@/contract/views';
import { startTestApi, type TestApi } from '@/testing/api';
import { beat } from '@/testing/cadences';

let api: TestApi;
let ids: Record<string, string>;
beforeAll(async () => {
  api = await startTestApi({ demo: true });
  const person = async (givenName: string, tags: string[] = []) =>
    (await api.call(addPerson, { body: { givenName, phone: '555-0101', tags } })).id;
  const [ana, bo] = [await person('Ana', ['garden']), await person('Bo')];
  const build = async (name: string) =>
    (
      await api.call(createCadence, {
        body: { name, rounds: null, gapDays: 30, beats: [beat(0), beat(9, 'text')] },
      })
    ).id;
  const [quarterly, letters, fed] = [
    await build('Quarterly'),
    await build('Letters'),
    await build('Fed'),
  ];
  await api.call(enrol, {
    body: { cadenceId: quarterly, who: { ids: [ana] }, startOn: api.clock.today() },
  });
  const view = await api.call(saveView, {
    body: { name: 'Garden', filter: { tags: ['garden'] }, sort: 'name' },
  });
  await api.call(feedCadence, {
    params: { id: fed },
    body: { feed: { viewId: view.id, perDay: null } },
  });
  await api.call(saveRota, {
    params: { id: letters },
    body: {
      namePart: 'family',
      particles: 'first',
      weeks: 13,
      lettersAWeek: 2,
      firstDay: api.clock.today(),
      cuts: {},
      who: {},
    },
  });
  await api.call(logTouch, { body: { personId: bo, kind: 'call', outcome: 'reached' } });
  await api.call(moveClock, { body: { days: 1 } });
  ids = { '/people/:id': ana, '/cadences/:id': quarterly, a: ana, b: bo };
}, 120_000);
afterAll(() => api.close());

/** Every table as one number, so that a change of a single value is seen. */
async function fingerprint() {
  const tables = await api.ctx.db.query<{ name: string }>(
    `select relname::text as name from pg_class where relkind = 'r' and relnamespace = 'public'::regnamespace order by 1`,
  );
  const prints: Record<string, unknown> = {};
  for (const { name } of tables)
    prints[name] = (
      await api.ctx.db.query(
        `select count(*)::int as n, coalesce(sum(hashtext(t::text)), 0)::text as h from public."${name}" t`,
      )
    )[0];
  return prints;
}

const reading = endpoints.filter(({ method }) => method === 'get');

/** A request that the endpoint takes. */
function urlOf({ path }: Endpoint): string {
  const id = Object.entries(ids).find(([start]) => path.startsWith(start))?.[1] ?? ids.a!;
  const query: Record<string, string> = {
    '/same/pair': `?a=${ids.a}&b=${ids.b}`,
    '/people': '?text=ana&sort=match',
    '/almanac': '?from=2026-11-23&to=2026-12-20',
    '/almanac/year': '?year=2026',
    '/greetings': '?from=2026-11-23&to=2026-12-20',
  };
  return `${api.url}/api${path.replace(':id', id).replace(':lack', 'email')}${query[path] ?? ''}`;
}

test('the contract has many endpoints that read', () => {
  expect(reading.length).toBeGreaterThan(20);
});

test.each(reading.map((endpoint) => [endpoint.path, endpoint] as const))(
  'GET %s changes no table',
  async (path, endpoint) => {
    // Whatever is planned from is read anew, as on the first request after a write.
    api.ctx.writes.markStale('everybody');
    const before = await fingerprint();
    const response = await fetch(urlOf(endpoint));
    expect([200, 404]).toContain(response.status);
    await response.text();
    expect(await fingerprint()).toEqual(before);
  },
);
