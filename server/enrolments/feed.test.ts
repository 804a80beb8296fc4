import { feedCadence, getCadence } from '@/contract/cadences';
import { listEnrolments, stopEnrolments } from '@/contract/enrolments';
import { addPerson } from '@/contract/people';
import { undoAction } from '@/contract/history';
import { saveSettings } from '@/contract/settings';
import { removeView, saveView } from '@/contract/views';
import { startTestApi, type TestApi } from '@/testing/api';
import { beat, cadencesOf } from '@/testing/cadences';

let api: TestApi;
let id: string;
let viewId: string;
beforeEach(async () => {
  api = await startTestApi({ demo: true });
  id = await on.build([beat(0)]);
  const body = { name: 'Garden', filter: { tags: ['garden'] }, sort: 'name' as const };
  viewId = (await api.call(saveView, { body })).id;
});
afterEach(() => api.close());

const { person, enrolments, planned, forward, log, ...on } = cadencesOf(() => api);
const gardener = (name: string) => person(name, { tags: ['garden'] });
const feed = (perDay: number | null = null) =>
  api.call(feedCadence, { params: { id }, body: { feed: { viewId, perDay } } });
const names = async () =>
  (await api.call(listEnrolments, { params: { id } })).people.map(({ name }) => name);

test('those in the view join, those who come into it later too, nobody else', async () => {
  const ana = await gardener('Ana');
  await person('Bo');
  const { sentence } = await feed();
  expect(sentence).toBe('Whoever is in Garden joins Quarterly');
  expect(await names()).toEqual(['Ana']);
  expect(await planned(ana)).toContain('2026-11-23 call');
  await gardener('Cy');
  expect(await names()).toEqual(['Ana', 'Cy']);
  expect(await api.call(getCadence, { params: { id } })).toMatchObject({
    feed: { viewId, perDay: null },
    people: 2,
  });
});

test('so many begin on each working day, whatever is written in between', async () => {
  for (const name of ['Ana', 'Bo', 'Cy']) await gardener(name);
  await feed(2);
  expect(await names()).toHaveLength(2);
  await person('Di');
  expect(await names()).toHaveLength(2);
  // Tuesday is a day off.
  await api.call(saveSettings, { body: { daysOff: ['2026-11-24'] } });
  await forward(1);
  expect(await names()).toHaveLength(2);
  await forward(1);
  expect(await names()).toHaveLength(3);
});

test('who was taken off, or has finished, does not join again', async () => {
  const once = await on.build([beat(0)], { name: 'Once', rounds: 1, gapDays: 0 });
  id = once;
  const [ana, bo] = [await gardener('Ana'), await gardener('Bo')];
  await feed();
  const [first] = await enrolments(ana);
  await api.call(stopEnrolments, { body: { ids: [first!.id], reason: 'Asked to' } });
  await log(bo);
  await forward(3);
  expect(await enrolments(ana)).toMatchObject([{ state: 'stopped' }]);
  expect(await enrolments(bo)).toMatchObject([{ state: 'finished' }]);
  expect(await names()).toEqual([]);
});

test('adding somebody who joined by it is undone as ever', async () => {
  await feed();
  const { actionId } = await api.call(addPerson, {
    body: { givenName: 'Ana', phone: '555-0101', tags: ['garden'] },
  });
  expect(await names()).toEqual(['Ana']);
  await api.call(undoAction, { params: { id: actionId } });
  expect(await names()).toEqual([]);
});

test('the view that feeds goes with a word, and undo feeds again', async () => {
  await feed();
  const { actionId, sentence } = await api.call(removeView, { params: { id: viewId } });
  expect(sentence).toBe('Took the view Garden away; nobody joins Quarterly by it any more');
  await gardener('Ana');
  expect(await names()).toEqual([]);
  await api.call(undoAction, { params: { id: actionId } });
  expect(await names()).toEqual(['Ana']);
  const gone = '0190a000-0000-7000-8000-0000000000ff';
  expect(
    await api.refusal(feedCadence, {
      params: { id },
      body: { feed: { viewId: gone, perDay: null } },
    }),
  ).toMatchObject({ code: 'not_found' });
});

test('nobody joins who is only spelled like the words of the view', async () => {
  const searched = await api.call(saveView, {
    body: { name: 'Marshes', filter: { text: 'marsh', tags: ['garden'] }, sort: 'name' },
  });
  viewId = searched.id;
  await person('Marsch', { tags: ['garden'] });
  await person('Marsh');
  await feed();
  expect(await names()).toEqual([]);
  await person('Ana Marsh', { tags: ['garden'] });
  expect(await names()).toEqual(['Ana Marsh']);
});
