import { listActions, undoAction } from '@/contract/history';
import { changeMany } from '@/contract/many';
import { getPerson } from '@/contract/people';
import { getSettings, saveSettings } from '@/contract/settings';
import { logTouch } from '@/contract/touches';
import { readUpkeep } from '@/contract/upkeep';
import { addDays } from '@/core/time';
import { startTestApi, type TestApi } from '@/testing/api';
import { sphereOf } from '@/testing/sphere';

import { runDue } from '../tasks';
import { watchClock } from './clock-watch';

const DAY_MS = 86_400_000;

let api: TestApi;
let jumpMs: number;
beforeEach(async () => {
  api = await startTestApi();
  jumpMs = 0;
  const { clock } = api;
  const { realMs, nowMs, today } = { ...clock };
  clock.realMs = () => realMs() + jumpMs;
  clock.nowMs = () => nowMs.call(clock) + jumpMs;
  clock.today = () => addDays(today.call(clock), Math.round(jumpMs / DAY_MS));
  await watchClock(api.ctx);
});
afterEach(() => api.close());
const { add, sheet } = sphereOf(() => api);
const remove = (id: string) =>
  api.call(changeMany, { body: { who: { ids: [id] }, change: { do: 'delete' } } });
const clock = async () => (await api.call(readUpkeep)).clock;

test('a clock that jumps ahead erases nobody who was deleted yesterday, and says so', async () => {
  const id = await add({ givenName: 'Ana' });
  await remove(id);
  jumpMs = 40 * DAY_MS;
  await runDue(api.ctx);
  expect((await sheet(id)).name).toBe('Ana');
  expect(await clock()).toMatch(/^The clock of this machine said .* Nothing is erased for its age/);
  // Set right again: said as well, and still nobody is erased.
  jumpMs = 0;
  expect(await watchClock(api.ctx)).toBe(false);
  expect(await clock()).toMatch(/went back/);
  expect(await watchClock(api.ctx)).toBe(false);
});

test('with time that passes day by day, whoever was deleted long ago is erased, and nothing is said', async () => {
  const id = await add({ givenName: 'Ana' });
  await remove(id);
  for (let day = 1; day <= 32; day++) {
    jumpMs = day * DAY_MS;
    await runDue(api.ctx);
  }
  expect(await api.refusal(getPerson, { params: { id } })).toMatchObject({ code: 'not_found' });
  expect(await clock()).toBeNull();
});

test('set back by a week, the newest action still stands first, and no sentence counts negative days', async () => {
  const id = await add({ givenName: 'Ana' });
  await api.call(logTouch, { body: { personId: id, kind: 'call', outcome: 'reached' } });
  jumpMs = -7 * DAY_MS;
  await add({ givenName: 'Later' });
  const { actions } = await api.call(listActions, { query: { limit: 3 } });
  expect(actions[0]!.sentence).toBe('Added Later');
  expect(JSON.stringify(await sheet(id))).not.toMatch(/-\d+ days?/);
  // Undo still sees what happened since.
  const added = actions.find(({ sentence }) => sentence === 'Added Ana')!;
  expect(await api.refusal(undoAction, { params: { id: added.id } })).toMatchObject({
    code: 'conflict',
  });
});

test('undoing a change of zone takes the running clock back too', async () => {
  const before = (await api.call(getSettings)).settings.timeZone;
  const { actionId } = await api.call(saveSettings, { body: { timeZone: 'Pacific/Auckland' } });
  expect(api.clock.zone).toBe('Pacific/Auckland');
  await api.call(undoAction, { params: { id: actionId } });
  expect(api.clock.zone).toBe(before);
});
