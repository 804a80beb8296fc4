import { addPerson, listPeople, peopleFacets } from '@/contract/people';
import { plainDate } from '@/core/time';
import { setToday } from '@/server/clock';
import { startTestApi, type TestApi } from '@/testing/api';

import { memoizeUntilWrite } from './memoize';

let api: TestApi;
beforeEach(async () => {
  api = await startTestApi();
  await api.call(addPerson, { body: { givenName: 'Ana', phone: '555-0101' } });
});
afterEach(() => api.close());

/** A reading that tells how often it was worked out. */
function counted() {
  let times = 0;
  const read = memoizeUntilWrite(api.ctx, async (given: { text: string }) => {
    times += 1;
    if (given.text === 'refused') throw new Error('refused');
    return `${given.text} ${times}`;
  });
  return read;
}

test('the same is worked out once, at once or later, as long as nothing is written', async () => {
  const read = counted();
  const [first, second] = await Promise.all([read({ text: 'a' }), read({ text: 'a' })]);
  expect([first, second, await read({ text: 'a' })]).toEqual(['a 1', 'a 1', 'a 1']);
  expect(await read({ text: 'b' })).toBe('b 2');
  await api.ctx.db.query(`select 'insert' = 'update' from person`);
  expect(await read({ text: 'a' })).toBe('a 1');
});

test.each([
  ['a write', () => api.ctx.db.query(`update person set company = 'Firm'`)],
  ['one within', () => api.ctx.db.query(`with u as (update person set company = 'A') select 1`)],
  ['a transaction', () => api.ctx.db.transaction(async () => {})],
  ['a script', () => api.ctx.db.script('analyze')],
  ['another day', async () => setToday(api.clock, plainDate('2026-11-24'))],
])('%s makes it be worked out anew', async (_, write) => {
  const read = counted();
  await read({ text: 'a' });
  await write();
  expect(await read({ text: 'a' })).toBe('a 2');
});

test('a refusal is not kept', async () => {
  const read = counted();
  for (let i = 0; i < 2; i++) await expect(read({ text: 'refused' })).rejects.toThrow('refused');
  expect(await read({ text: 'a' })).toBe('a 3');
});

test('lists and counts are those of now, by whatever way something came in', async () => {
  const totals = async () => [
    (await api.call(listPeople)).total,
    (await api.call(peopleFacets)).total,
  ];
  expect(await totals()).toEqual([1, 1]);
  await api.call(addPerson, { body: { givenName: 'Bo', phone: '555-0102' } });
  expect(await totals()).toEqual([2, 2]);
  await api.ctx.db.query(`update person set archived_on = '2026-11-01' where given_name = 'Bo'`);
  expect(await totals()).toEqual([1, 1]);
});
