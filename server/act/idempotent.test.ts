import { call, newKey } from '@/contract/call';
import { listActions } from '@/contract/history';
import { addPerson, listPeople } from '@/contract/people';
import { logTouch } from '@/contract/touches';
import { createApp } from '@/server/http/app';
import { startTestApi, type TestApi } from '@/testing/api';
import { sphereOf } from '@/testing/sphere';

let api: TestApi;
beforeEach(async () => {
  api = await startTestApi();
});
afterEach(() => api.close());
const { add, sheet } = sphereOf(() => api);

const ana = (key: string, base = api.url) =>
  call(addPerson, { body: { givenName: 'Ana' } }, { base, key });
const total = async () => (await api.call(listPeople)).total;

test('five presses under one key, one after the other or at once, are one', async () => {
  const key = newKey();
  const first = await ana(key);
  const again = await Promise.all(Array.from({ length: 4 }, () => ana(key)));
  expect(again).toEqual(Array(4).fill(first));
  expect(await total()).toBe(1);

  const id = await add({ givenName: 'Bo' });
  const log = { personId: id, kind: 'call' as const, outcome: 'no_answer' as const };
  const other = newKey();
  await Promise.all(
    Array.from({ length: 5 }, () => call(logTouch, { body: log }, { base: api.url, key: other })),
  );
  expect((await sheet(id)).touches).toHaveLength(1);
});

test('a key is one request’s: with another body it is refused', async () => {
  const key = newKey();
  await ana(key);
  await expect(
    call(addPerson, { body: { givenName: 'Bo' } }, { base: api.url, key }),
  ).rejects.toMatchObject({ code: 'conflict' });
  expect(await total()).toBe(1);
});

test('what was refused was not done, and may be sent again under its key', async () => {
  const key = newKey();
  const bad = () => call(addPerson, { body: { givenName: '' } }, { base: api.url, key });
  await expect(bad()).rejects.toMatchObject({ code: 'invalid' });
  await expect(bad()).rejects.toMatchObject({ code: 'invalid' });
});

test('after a restart it is still known: key and answer are kept with what was done', async () => {
  const key = newKey();
  const first = await ana(key);
  // Another process on the same data: it remembers nothing by itself.
  const app = createApp(api.ctx, { webDir: null, log: api.ctx.log });
  const server = app.listen(0, '127.0.0.1');
  await new Promise((done) => server.once('listening', done));
  const { port } = server.address() as { port: number };
  const again = await ana(key, `http://127.0.0.1:${port}`);
  expect(again).toEqual(first);
  expect(await total()).toBe(1);
  await new Promise((done) => server.close(done));
  server.closeAllConnections();
});

test('without a key each is its own, and a key that is none is refused', async () => {
  const post = (headers: object) =>
    fetch(`${api.url}/api/people`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', ...headers },
      body: JSON.stringify({ givenName: 'Ana' }),
    });
  await post({});
  await post({});
  expect(await total()).toBe(2);
  expect((await post({ 'idempotency-key': 'x'.repeat(101) })).status).toBe(422);
  expect((await api.call(listActions, { query: { limit: 5 } })).actions).toHaveLength(2);
});
