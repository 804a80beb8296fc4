import { createCadence } from '@/contract/cadences';
import { enrol } from '@/contract/enrolments';
import { findLookAlikes, listPeople } from '@/contract/people';
import {
  keepApart,
  listMerged,
  listSame,
  mergePeople,
  mergeSure,
  splitCouple,
  takeApart,
} from '@/contract/same';
import { undoAction } from '@/contract/history';
import { logTouch } from '@/contract/touches';
import { beat } from '@/testing/cadences';
import { startTestApi, type TestApi } from '@/testing/api';
import { sphereOf } from '@/testing/sphere';

import { references } from '../../act';

let api: TestApi;
beforeEach(async () => {
  api = await startTestApi();
});
afterEach(() => api.close());
const { add, sheet, note } = sphereOf(() => api);

const taskOf = (personId: string) =>
  api.ctx.db.query(
    `insert into task (key, kind, person_id, created_at, run_at) values ('call:x', 'call', $1, now(), now() + interval '1 day')`,
    [personId],
  );

/** Two records of Rosa, each with a story. */
async function twice() {
  const keep = await add({
    givenName: 'Rosa',
    familyName: 'Lind',
    phone: '(201) 555-0123',
    tags: ['garden', 'both'],
  });
  const gone = await add({
    givenName: 'Roza',
    familyName: 'Lind',
    phone: '201-555-0123',
    email: 'rosa@example.com',
    company: 'Net & Loft',
    tags: ['boat', 'both'],
  });
  await note(keep, 'met at the market');
  await note(gone, 'likes sailing');
  await api.call(logTouch, { body: { personId: gone, kind: 'call', outcome: 'reached' } });
  return { keep, gone };
}
const merge = (keepId: string, goneId: string, take: ('givenName' | 'company')[] = []) =>
  api.call(mergePeople, { body: { keepId, goneId, take } });

test('who is typed in again is recognised, with the evidence', async () => {
  const { keep } = await twice();
  const draft = { givenName: 'Rosa', familyName: 'Lindt', phone: '2015550123' };
  const { lookAlikes } = await api.call(findLookAlikes, { body: { draft } });
  expect(lookAlikes.find(({ id }) => id === keep)).toMatchObject({
    verdict: 'ask',
    evidence: ['similar name', 'same phone'],
  });
});

test('merging keeps both stories and unites what is known, field by field', async () => {
  const { keep, gone } = await twice();
  const { pairs, sure } = await api.call(listSame);
  expect(sure).toBe(0);
  expect(pairs[0]!.evidence).toEqual(['similar name', 'same phone']);
  await merge(keep, gone, ['givenName']);
  const one = await sheet(keep);
  expect(one).toMatchObject({
    name: 'Roza Lind',
    fields: { company: 'Net & Loft', emails: [{ value: 'rosa@example.com' }] },
    tags: ['boat', 'both', 'garden'],
    standing: { warmth: null },
  });
  expect(one.notes.map(({ body }) => body).sort()).toEqual(['likes sailing', 'met at the market']);
  expect(one.touches).toHaveLength(1);
  expect((await api.call(listPeople)).total).toBe(1);
  expect((await api.call(listSame)).pairs).toEqual([]);
});

test('a merge is undone as if it had not been', async () => {
  const { keep, gone } = await twice();
  const before = [await sheet(keep), await sheet(gone)];
  const { actionId } = await merge(keep, gone);
  await api.call(undoAction, { params: { id: actionId } });
  expect([await sheet(keep), await sheet(gone)]).toEqual(before);
});

test('two are taken apart even after something new happened; what is new stays', async () => {
  const { keep, gone } = await twice();
  await merge(keep, gone);
  await note(keep, 'after the merge');
  expect((await api.call(listMerged)).merged).toMatchObject([{ goneId: gone, keepId: keep }]);
  await api.call(takeApart, { body: { goneId: gone } });
  const [one, other] = [await sheet(keep), await sheet(gone)];
  expect(one.notes.map(({ body }) => body).sort()).toEqual([
    'after the merge',
    'met at the market',
  ]);
  expect(other).toMatchObject({
    name: 'Roza Lind',
    tags: ['boat', 'both'],
    notes: [{ body: 'likes sailing' }],
  });
  expect(other.touches).toHaveLength(1);
  expect((await api.call(listMerged)).merged).toEqual([]);
  expect(await api.refusal(takeApart, { body: { goneId: gone } })).toMatchObject({
    code: 'not_found',
  });
});

test('on one cadence twice, one round goes on', async () => {
  const { keep, gone } = await twice();
  const { id: cadenceId } = await api.call(createCadence, {
    body: { name: 'C', rounds: null, gapDays: 30, beats: [beat(3)] },
  });
  const startOn = api.clock.today();
  await api.call(enrol, {
    body: { cadenceId, who: { ids: [keep, gone] }, startOn, leaveOut: [] },
  });
  await merge(keep, gone);
  const { enrolments, planned } = await sheet(keep);
  expect(enrolments.map(({ state }) => state).sort()).toEqual(['running', 'stopped']);
  expect(new Set(planned.map(({ day }) => day)).size).toBe(planned.length);
});

test('two people stay two, and are not asked about again', async () => {
  const { keep, gone } = await twice();
  const { actionId } = await api.call(keepApart, { body: { a: keep, b: gone } });
  expect((await api.call(listSame)).pairs).toEqual([]);
  await api.call(undoAction, { params: { id: actionId } });
  expect((await api.call(listSame)).pairs).toHaveLength(1);
});

test('nobody is merged with themselves, and a no is never lost', async () => {
  const { keep, gone } = await twice();
  expect(
    await api.refusal(mergePeople, { body: { keepId: keep, goneId: keep, take: [] } }),
  ).toMatchObject({
    message: 'Somebody can’t be merged with themselves.',
  });
  await merge(keep, gone);
  expect(
    await api.refusal(mergePeople, { body: { keepId: keep, goneId: gone, take: [] } }),
  ).toMatchObject({
    code: 'not_found',
  });
});

test('all sure pairs are merged in one action, three records of one person into one', async () => {
  const rosa = { givenName: 'Rosa', familyName: 'Lind', email: 'rosa@example.com' };
  await add(rosa);
  await add({ ...rosa, phone: '2015550123' });
  await add({ ...rosa, familyName: 'Lindt' });
  await add({ givenName: 'Gideon', familyName: 'Marsh' });
  const { people, actionId } = await api.call(mergeSure, {});
  expect(people).toBe(2);
  expect((await api.call(listPeople)).total).toBe(2);
  await api.call(undoAction, { params: { id: actionId } });
  expect((await api.call(listPeople)).total).toBe(4);
});

test('after a merge nothing refers to the one who is gone, not even what is still to be handed over', async () => {
  const { keep, gone } = await twice();
  await taskOf(gone);
  await api.call(mergePeople, { body: { keepId: keep, goneId: gone, take: [] } });
  const left: string[] = [];
  for (const { from, column, to } of await references(api.ctx.db))
    if (to === 'person_all' && (await rowsWith(from, column, gone))) left.push(`${from}.${column}`);
  expect(left).toEqual([]);
  expect(await rowsWith('task', 'person_id', keep)).toBe(1);
});

const rowsWith = async (table: string, column: string, id: string) =>
  (await api.ctx.db.query(`select 1 from public."${table}" where ${column} = $1::uuid`, [id]))
    .length;

test('one record of a couple is split into two people of one home, and taken back as one', async () => {
  const id = await add({
    givenName: 'Dana & Lee',
    familyName: 'Marsh',
    phone: '201-555-0123',
    addresses: [{ line: '4 Quay', city: 'Port Ellery', postalCode: '00012' }],
  });
  await add({ givenName: 'Dana', familyName: 'Marsh', phone: '201-555-0123' });
  const [pair] = (await api.call(listSame, {})).pairs;
  expect(pair).toMatchObject({ verdict: 'ask', a: { couple: ['Dana Marsh', 'Lee Marsh'] } });
  expect(pair!.b.couple).toBeNull();
  const { actionId, sentence } = await api.call(splitCouple, { body: { id } });
  expect(sentence).toBe('Dana & Lee Marsh are two people now: Dana Marsh and Lee Marsh');
  const { rows: people } = await api.call(listPeople, { query: { text: 'Marsh' } });
  expect(people.map(({ name }) => name).sort()).toEqual(['Dana Marsh', 'Dana Marsh', 'Lee Marsh']);
  const lee = await sheet(people.find(({ name }) => name === 'Lee Marsh')!.id);
  expect(lee.fields).toMatchObject({ phones: [], addresses: [{ line: '4 Quay' }] });
  expect(lee.household?.members).toHaveLength(2);
  await expect(api.call(splitCouple, { body: { id: lee.id } })).rejects.toMatchObject({
    code: 'invalid',
  });
  await api.call(undoAction, { params: { id: actionId } });
  expect((await sheet(id)).fields.givenName).toBe('Dana & Lee');
  expect((await api.call(listPeople, { query: { text: 'Marsh' } })).rows).toHaveLength(2);
});
