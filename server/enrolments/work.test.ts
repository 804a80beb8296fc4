import { decideWorkCadence, listEnrolments, listWorkCadences } from '@/contract/enrolments';
import { undoAction } from '@/contract/history';
import { addJob, editJob } from '@/contract/story';
import { addDays, plainDate } from '@/core/time';
import { startTestApi, type TestApi } from '@/testing/api';
import { beat, cadencesOf } from '@/testing/cadences';

const TODAY = plainDate('2026-11-23');

let api: TestApi;
let id: string;
beforeEach(async () => {
  api = await startTestApi({ demo: true });
  id = await on.build([beat(3)], { name: 'The year after' });
});
afterEach(() => api.close());

const { person, planned, ...on } = cadencesOf(() => api);
const complete = (personId: string, name: string, days = 0) =>
  api.call(addJob, {
    params: { id: personId as never },
    body: { name, completedOn: addDays(TODAY, -days) },
  });
const decide = (kind: string, cadenceId: string | null) =>
  api.call(decideWorkCadence, { body: { kind, cadenceId: cadenceId as never } });
const onIt = async () =>
  (await api.call(listEnrolments, { params: { id } })).people.map(({ name }) => name);

test('completed work begins its cadence: for who waits for the answer, and for whoever comes after', async () => {
  const [ana, bo, cy] = [await person('Ana'), await person('Bo'), await person('Cy')];
  await complete(ana, 'Home loan', 1);
  expect(await onIt()).toEqual([]);
  const { sentence } = await decide('Home loan', id);
  expect(sentence).toBe('Completed “Home loan” begins The year after from now on');
  expect(await onIt()).toEqual(['Ana']);
  // Three days after the day on which it was completed.
  expect(await planned(ana)).toContain('2026-11-25 call');

  const job = await api.call(addJob, { params: { id: bo as never }, body: { name: 'HOME  loan' } });
  expect(await onIt()).toEqual(['Ana']);
  await api.call(editJob, {
    params: { id: job.id },
    body: { name: 'HOME LOAN', completedOn: TODAY },
  });
  expect(await onIt()).toEqual(['Ana', 'Bo']);
  // Another kind, and work that was completed long ago, begin nothing.
  await complete(cy, 'Refinancing');
  await complete(cy, 'Home loan', 60);
  expect(await onIt()).toEqual(['Ana', 'Bo']);
});

test('each kind is decided once, also for nothing, and that can be undone', async () => {
  await complete(await person('Ana'), 'Survey');
  const { actionId } = await decide('Survey', null);
  expect((await api.call(listWorkCadences)).decided).toEqual([{ kind: 'survey', cadenceId: null }]);
  expect(await onIt()).toEqual([]);
  await api.call(undoAction, { params: { id: actionId } });
  expect((await api.call(listWorkCadences)).decided).toEqual([]);
  expect(
    await api.refusal(decideWorkCadence, { body: { kind: ' ', cadenceId: null } }),
  ).toMatchObject({
    code: 'invalid',
  });
});
