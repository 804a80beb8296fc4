import { changeEntry } from '@/contract/lists';
import { listActions, undoAction } from '@/contract/history';
import { getSettings, saveSettings } from '@/contract/settings';
import { startTestApi, type TestApi } from '@/testing/api';

const INNER = '0190a000-0000-7000-8000-000000000001';

let api: TestApi;
beforeAll(async () => {
  api = await startTestApi();
});
afterAll(() => api.close());

const settings = async () => (await api.call(getSettings)).settings;

test('what is changed is changed, the rest stays; undo brings it back', async () => {
  const before = await settings();
  const { actionId } = await api.call(saveSettings, {
    body: { capacity: 7, workingDays: [1, 2, 4], daysOff: ['2026-12-24', '2026-12-25'] },
  });
  expect(await settings()).toEqual({
    ...before,
    capacity: 7,
    workingDays: [1, 2, 4],
    daysOff: ['2026-12-24', '2026-12-25'],
  });
  await api.call(undoAction, { params: { id: actionId } });
  expect(await settings()).toEqual(before);
});

test('a new time zone counts at once', async () => {
  const at = api.clock.nowMs();
  await api.call(saveSettings, { body: { timeZone: 'Pacific/Kiritimati' } });
  expect(api.clock.zone).toBe('Pacific/Kiritimati');
  expect(api.clock.nowMs() - at).toBeLessThan(60_000);
  await api.call(saveSettings, { body: { timeZone: 'America/Los_Angeles' } });
});

test.each([
  [{ timeZone: 'Port/Ellery' }, '“Port/Ellery” is not a time zone. Try one like America/New_York.'],
  [{ daysOff: ['2026-02-30'] }, 'There is no such day in the calendar.'],
  [{ daysOff: ['Christmas'] }, 'Give the day as YYYY-MM-DD.'],
])('%j is refused', async (body, message) => {
  const before = await settings();
  expect((await api.refusal(saveSettings, { body: body as never })).message).toBe(message);
  expect(await settings()).toEqual(before);
});

test.each([
  [{ capacity: -1 }, 'capacity'],
  [{ capacity: Number.NaN }, 'capacity'],
  [{ workingDays: [8] }, 'workingDays.0'],
  [{ minDistanceDays: 0 }, 'minDistanceDays'],
])('%j names its field', async (body, field) => {
  expect(await api.refusal(saveSettings, { body: body as never })).toMatchObject({
    code: 'invalid',
    field,
  });
});

test('a circle is renamed, and can do without a promise', async () => {
  await api.call(changeEntry, { params: { list: 'circle', id: INNER }, body: { name: 'Nearest' } });
  await api.call(changeEntry, {
    params: { list: 'circle', id: INNER },
    body: { promiseDays: null },
  });
  const { circles } = await api.call(getSettings);
  expect(circles[0]).toMatchObject({ name: 'Nearest', promiseDays: null, people: 0 });
  expect(
    await api.refusal(changeEntry, {
      params: { list: 'circle', id: INNER },
      body: { promiseDays: 0 },
    }),
  ).toMatchObject({
    message: 'A promise is at least one day.',
  });
  const id = '0190a000-0000-7000-8000-0000000000ff';
  expect(
    await api.refusal(changeEntry, { params: { list: 'circle', id }, body: { name: 'X' } }),
  ).toMatchObject({
    code: 'not_found',
  });
});

test('the history tells what was done, the latest first, and what was undone', async () => {
  const { actions } = await api.call(listActions, { query: { limit: 3 } });
  expect(actions.map(({ sentence }) => sentence)).toEqual([
    'Changed the circle Nearest',
    'Renamed Inner to Nearest for 0 people',
    'Changed your settings',
  ]);
  await api.call(undoAction, { params: { id: actions[0]!.id } });
  expect((await api.call(listActions, { query: { limit: 3 } })).actions[0]).toMatchObject({
    undone: true,
  });
  expect((await api.call(getSettings)).circles[0]).toMatchObject({ promiseDays: 30 });
  expect(await api.refusal(undoAction, { params: { id: INNER } })).toMatchObject({
    code: 'not_found',
    message: 'This can no longer be undone.',
  });
});
