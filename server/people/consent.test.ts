import { createCadence } from '@/contract/cadences';
import { enrol, previewEnrolment } from '@/contract/enrolments';
import { addEntry } from '@/contract/lists';
import { changeMany, previewMany } from '@/contract/many';
import { editPerson } from '@/contract/people';
import { getDesk } from '@/contract/touches';
import { beat } from '@/testing/cadences';
import { startTestApi, type TestApi } from '@/testing/api';
import { sphereOf } from '@/testing/sphere';

let api: TestApi;
beforeEach(async () => {
  api = await startTestApi();
});
afterEach(() => api.close());
const { add, sheet } = sphereOf(() => api);

const INNER = '0190a000-0000-7000-8000-000000000001';
const NO = { answer: 'no' as const, on: '2026-05-04', cameFrom: 'at the fair' };

const cadenceOf = async (words: string) =>
  (
    await api.call(createCadence, {
      body: {
        name: 'C',
        rounds: null,
        gapDays: 60,
        beats: [beat(0, 'call', words)],
      },
    })
  ).id;

test('a promise is not kept by a way to which they said no', async () => {
  const id = await add({
    givenName: 'Ana',
    phone: '555-0101',
    email: 'ana@example.com',
    circleId: INNER,
    consent: { call: NO },
  });
  expect((await sheet(id)).planned[0]).toMatchObject({ kind: 'email' });
});

test('enrolling names who said no to what it needs, and the desk says so instead of dialling', async () => {
  const id = await add({ givenName: 'Ana', phone: '555-0101', consent: { call: NO } });
  const cadenceId = await cadenceOf('');
  const request = { cadenceId, who: { ids: [id] }, startOn: api.clock.today() };
  const preview = await api.call(previewEnrolment, { body: { ...request, samplePersonId: null } });
  expect(preview.lacking).toMatchObject([{ id, lacks: [{ words: 'said no to calls' }] }]);
  await api.call(enrol, { body: { ...request, leaveOut: [] } });
  const [item] = (await api.call(getDesk)).items;
  expect(item!.refused).toBe(
    'They said no to calls (May 4, at the fair). Reach them another way and log that, or let it go; if it has changed, say so on their sheet.',
  );
  const { version } = await sheet(id);
  await api.call(editPerson, { params: { id }, body: { version, consent: {} } });
  expect((await api.call(getDesk)).items[0]!.refused).toBeNull();
});

test('own fields can be merged into words at once', async () => {
  const field = await api.call(addEntry, {
    params: { list: 'field' },
    body: { name: 'Loan until', type: 'date' },
  });
  const id = await add({ givenName: 'Ana', phone: '555-0101', own: { [field.id]: '2030-05-04' } });
  const cadenceId = await cadenceOf('Ask {{ first_name }} about {{ loan_until }}');
  const body = { cadenceId, who: { ids: [id] }, startOn: api.clock.today(), leaveOut: [] };
  await api.call(enrol, { body });
  expect((await api.call(getDesk)).items[0]!.words).toBe('Ask Ana about 2030-05-04');
  const beats = [beat(0, 'call', '{{ shoe }}')];
  expect(
    await api.refusal(createCadence, { body: { name: 'X', rounds: null, gapDays: 1, beats } }),
  ).toMatchObject({ message: 'There is no field called “shoe”.' });
});

test('somebody deleted while on a cadence has nothing planned, and comes back to it', async () => {
  const id = await add({ givenName: 'Ana', phone: '555-0101' });
  const cadenceId = await cadenceOf('');
  const startOn = api.clock.today();
  await api.call(enrol, { body: { cadenceId, who: { ids: [id] }, startOn, leaveOut: [] } });
  const change = (what: 'delete' | 'restore') => ({ who: { ids: [id] }, change: { do: what } });
  const { besides } = await api.call(previewMany, { body: change('delete') });
  expect(besides[0]).toBe(
    '1 person is on a cadence. Nothing is scheduled for them until you restore them.',
  );
  await api.call(changeMany, { body: change('delete') });
  expect((await api.call(getDesk)).items).toEqual([]);
  const again = { cadenceId, who: { ids: [id] }, startOn, leaveOut: [] };
  expect(await api.refusal(enrol, { body: again })).toMatchObject({ code: 'invalid' });
  await api.call(changeMany, { body: change('restore') });
  expect((await api.call(getDesk)).items).toHaveLength(1);
});
