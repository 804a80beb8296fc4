import { enrol } from '@/contract/enrolments';
import { logTouch } from '@/contract/touches';
import { plainDate } from '@/core/time';
import { startTestApi, type TestApi } from '@/testing/api';
import { beat, cadencesOf } from '@/testing/cadences';

const TODAY = plainDate('2026-11-23');

let api: TestApi;
beforeAll(async () => {
  api = await startTestApi({ demo: true });
});
afterAll(() => api.close());
const { person, keys, build } = cadencesOf(() => api);

test('a touch is not logged by what is planned for somebody else', async () => {
  const [ana, bo] = [await person('Ana'), await person('Bo')];
  const cadenceId = await build([beat(0)]);
  await api.call(enrol, {
    body: { cadenceId, who: { ids: [ana] }, startOn: TODAY, leaveOut: [] },
  });
  const [itemKey] = await keys();
  const log = { kind: 'call' as const, outcome: 'reached' as const, itemKey: itemKey! };
  expect(await api.refusal(logTouch, { body: { personId: bo, ...log } })).toMatchObject({
    code: 'invalid',
    field: 'itemKey',
  });
  expect(await keys()).toEqual([itemKey]);
  await api.call(logTouch, { body: { personId: ana, ...log } });
  expect(await api.refusal(logTouch, { body: { personId: bo, ...log } })).toMatchObject({
    code: 'invalid',
  });
});
