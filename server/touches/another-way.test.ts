import { moveClock, saveSettings } from '@/contract/settings';
import { getDesk, logTouch } from '@/contract/touches';
import { startTestApi, type TestApi } from '@/testing/api';
import { cadencesOf } from '@/testing/cadences';

const INNER = '0190a000-0000-7000-8000-000000000001';

let api: TestApi;
beforeEach(async () => {
  api = await startTestApi({ demo: true });
});
afterEach(() => api.close());

const { person } = cadencesOf(() => api);

test('after three calls without an answer another way is planned, until something reaches them', async () => {
  const id = await person('Ana', { circleId: INNER });
  await api.call(moveClock, { body: { days: 20 } });
  /** The next day on which something is asked for. */
  const desk = async () => {
    for (let days = 0; days < 30; days++) {
      const [item] = (await api.call(getDesk)).items;
      if (item) return item;
      await api.call(moveClock, { body: { days: 1 } });
    }
    return undefined;
  };
  for (let tries = 0; tries < 3; tries++) {
    const item = await desk();
    expect(item).toMatchObject({ kind: 'call' });
    await api.call(logTouch, {
      body: { personId: id, kind: 'call', outcome: 'no_answer', itemKey: item!.key },
    });
  }
  const item = await desk();
  expect(item).toMatchObject({ kind: 'text', name: 'Ana' });
  expect(item!.reason).toMatch(/No answer to 3 calls\. Send a text this time/);
  expect(item!.reason).not.toMatch(/No answer last time/);
  await api.call(logTouch, {
    body: { personId: id, kind: 'text', outcome: 'sent', itemKey: item!.key },
  });
  expect(await desk()).toMatchObject({ kind: 'call' });
  await api.call(saveSettings, { body: { mostTries: 1 } });
  await api.call(logTouch, { body: { personId: id, kind: 'call', outcome: 'no_answer' } });
  expect(await desk()).toMatchObject({ kind: 'text' });
});
