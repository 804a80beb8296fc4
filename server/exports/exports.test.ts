import { exportPeople } from '@/contract/exports';
import { startTestApi, type TestApi } from '@/testing/api';
import { exportFile } from '@/testing/export';

let api: TestApi;
beforeEach(async () => {
  api = await startTestApi();
});
afterEach(() => api.close());

const everybody = { who: { filter: {} }, format: 'csv' as const, columns: ['givenName' as const] };

test('a file is written a page of people at a time, each of them once', async () => {
  const names = Array.from({ length: 1_203 }, (_, i) => `N${String(i).padStart(4, '0')}`);
  await api.ctx.db.query(
    `insert into person (id, name, given_name, sort_name, added_on)
     select gen_random_uuid(), n, n, n, '2026-11-01' from unnest($1::text[]) n`,
    [names],
  );
  const { content, people, headers } = await exportFile(api.url, everybody);
  expect(people).toBe(names.length);
  // Reading it as text takes the byte-order mark away.
  expect(content).toBe(`First name\r\n${names.join('\r\n')}\r\n`);
  expect(headers.get('content-type')).toBe('text/csv;charset=utf-8');
  expect(headers.get('content-disposition')).toBe('attachment; filename=people-2026-11-23.csv');
  const cards = await exportFile(api.url, { ...everybody, format: 'vcard' });
  expect(cards.content.match(/^FN:N\d{4}\r$/gm)).toHaveLength(names.length);
});

test('a file that breaks off is not taken for the whole, and nothing else is told of it', async () => {
  const told = jest.spyOn(console, 'error').mockImplementation(() => {});
  const { path } = await api.call(exportPeople, { body: everybody });
  // Whoever fetches it goes away.
  const stop = new AbortController();
  const broken = fetch(api.url + path, { signal: stop.signal });
  stop.abort();
  await expect(broken).rejects.toThrow();
  // The database fails in the middle of it.
  const query = jest.spyOn(api.ctx.db, 'query').mockRejectedValue(new Error('gone'));
  const fetched = fetch(api.url + path).then((response) => response.text());
  await expect(fetched).rejects.toThrow();
  query.mockRestore();
  expect((await fetch(api.url + path)).status).toBe(200);
  expect(told).not.toHaveBeenCalled();
  told.mockRestore();
});

test('a file can be fetched again, until many later ones were prepared', async () => {
  const prepare = () => api.call(exportPeople, { body: everybody });
  const { path } = await prepare();
  const status = async () => (await fetch(api.url + path)).status;
  expect([await status(), await status()]).toEqual([200, 200]);
  for (let i = 0; i < 20; i++) await prepare();
  expect(await status()).toBe(404);
  expect((await fetch(`${api.url}/api/exports/x`)).status).toBe(404);
});
