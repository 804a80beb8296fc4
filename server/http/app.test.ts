import { endpoints } from '@/contract';
import { addPerson, listPeople } from '@/contract/people';
import { health } from '@/contract/settings';
import { startTestApi, type TestApi } from '@/testing/api';

let api: TestApi;
beforeAll(async () => {
  api = await startTestApi();
});
afterAll(() => api.close());

const get = (path: string) => fetch(api.url + path);
const post = (path: string, body: string, type = 'application/json') =>
  fetch(api.url + path, { method: 'POST', headers: { 'content-type': type }, body });

test('the API is published as OpenAPI 3.1, every endpoint of the contract in it', async () => {
  const document = (await (await get('/api/openapi.json')).json()) as {
    openapi: string;
    paths: Record<string, Record<string, { summary: string; responses: object }>>;
  };
  expect(document.openapi).toBe('3.1.0');
  for (const { method, path, summary } of endpoints) {
    const operation = document.paths[`/api${path.replace(/:(\w+)/g, '{$1}')}`]?.[method];
    expect(operation).toMatchObject({ summary, responses: { 200: {} } });
  }
});

test('and as a page to read, without scripts', async () => {
  const page = await (await get('/api/')).text();
  expect(page).toContain('/api/people/:id');
  expect(page).not.toContain('<script');
});

test('health tells version, database and clock', async () => {
  expect(await api.call(health)).toMatchObject({
    version: 'test',
    database: { kind: process.env.PENPAL_DATABASE_URL ? 'postgres' : 'pglite', schema: 1 },
    clock: { today: '2026-11-23', timeZone: 'America/Los_Angeles', demo: false },
  });
});

test('answers carry the headers that keep a browser safe', async () => {
  const { headers } = await get('/api/health');
  expect(headers.get('content-security-policy')).toContain("default-src 'self'");
  expect(headers.get('x-content-type-options')).toBe('nosniff');
  expect(headers.get('x-frame-options')).toBe('SAMEORIGIN');
  expect(headers.get('cache-control')).toBe('no-store');
  expect(headers.get('x-powered-by')).toBeNull();
});

describe('requests that can not be', () => {
  test('an unknown address', async () => {
    const response = await get('/api/nothing');
    expect(response.status).toBe(404);
    expect(await response.json()).toEqual({
      error: { code: 'not_found', message: 'There is nothing at /api/nothing.' },
    });
  });

  test('a body that is no JSON', async () => {
    const response = await post('/api/people', '{"givenName":');
    expect(response.status).toBe(422);
    expect(await response.json()).toEqual({
      error: { code: 'invalid', message: 'This request is not readable as JSON.' },
    });
  });

  test('a body that is too large', async () => {
    const response = await post(
      '/api/people',
      JSON.stringify({ note: 'x'.repeat(34 * 1024 * 1024) }),
    );
    expect(response.status).toBe(413);
    expect(((await response.json()) as { error: { message: string } }).error.message).toMatch(
      /^This is more than/,
    );
  });

  test('fields of the wrong type are named', async () => {
    const response = await post('/api/people', JSON.stringify({ givenName: 7 }));
    expect(response.status).toBe(422);
    expect(await response.json()).toMatchObject({ error: { code: 'invalid', field: 'givenName' } });
  });
});

test('text that looks like SQL is only text', async () => {
  const givenName = `Robert'); drop table person; --`;
  const { id } = await api.call(addPerson, { body: { givenName } });
  const { rows } = await api.call(listPeople, { query: { text: `'); drop` } });
  expect(rows).toMatchObject([{ id, name: givenName }]);
});

test('an unexpected failure shows none of its cause', async () => {
  const { db } = api.ctx;
  api.ctx.db = { ...db, query: () => Promise.reject(new Error('secret of the database')) };
  const refusal = await api.refusal(health);
  expect(refusal).toMatchObject({ code: 'internal' });
  expect(refusal.message).toBe(
    'Something went wrong on our side, and nothing was saved. Try again.',
  );
  api.ctx.db = {
    ...db,
    query: () => Promise.reject(Object.assign(new Error('full'), { code: '53100' })),
  };
  expect(await api.refusal(health)).toMatchObject({
    code: 'unavailable',
    message: 'The disk is full, so nothing was saved. Make room and try again.',
  });
  api.ctx.db = db;
});
