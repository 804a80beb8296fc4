import { addPerson } from '@/contract/people';
import { getAhead, getLeast } from '@/contract/planner';
import { saveSettings } from '@/contract/settings';
import { Stopped, type Threads } from '@/server/threads';
import { startTestApi, type TestApi } from '@/testing/api';

const INNER = '0190a000-0000-7000-8000-000000000001';

let api: TestApi;
beforeEach(async () => {
  api = await startTestApi();
  for (let i = 0; i < 9; i++) await add(`P${i}`);
  await api.call(saveSettings, { body: { capacity: 1, graceDays: 3 } });
});
afterEach(() => api.close());

const add = (givenName: string) =>
  api.call(addPerson, { body: { givenName, phone: '555-0101', circleId: INNER } });

/** Searches that take until they are let go, as in a very large sphere. */
function slowSearches() {
  const { threads } = api.ctx;
  const begun: { go: () => void; signal: AbortSignal }[] = [];
  const run: Threads['run'] = async (name, input, options = {}) => {
    if (name === 'least')
      await new Promise<void>((go, stop) => {
        begun.push({ go, signal: options.signal! });
        options.signal!.addEventListener('abort', () => stop(new Stopped()));
      });
    return (await threads.run(name, input, options)) as never;
  };
  api.ctx.threads = { run };
  return begun;
}

test('the least room comes with the rest where it is found at once', async () => {
  const { leastCapacity, unkeepable } = await api.call(getAhead);
  expect(leastCapacity).toBeGreaterThan(1);
  expect(await api.call(getLeast)).toEqual({ leastCapacity, unkeepable });
});

test('a search that takes long keeps nobody from the rest, and is one for all who ask', async () => {
  const { leastCapacity } = await api.call(getAhead);
  await api.call(saveSettings, { body: { capacity: 2 } });
  const begun = slowSearches();
  const answers = await Promise.all([api.call(getAhead), api.call(getAhead)]);
  for (const answer of answers)
    expect(answer).toMatchObject({ promises: 9, leastCapacity: null, unkeepable: null });
  const asked = [api.call(getLeast), api.call(getLeast)];
  await api.call(getAhead);
  begun[0]!.go();
  for (const answer of await Promise.all(asked)) expect(answer).toMatchObject({ leastCapacity });
  expect(await api.call(getAhead)).toMatchObject({ leastCapacity });
  expect(begun).toHaveLength(1);
});

test('when something is written meanwhile, the search is begun anew and answers for what is now', async () => {
  const before = (await api.call(getAhead)).leastCapacity!;
  await api.call(saveSettings, { body: { capacity: 2 } });
  const begun = slowSearches();
  const asked = api.call(getLeast);
  await api.call(getAhead);
  for (let i = 0; i < 12; i++) await add(`Q${i}`);
  await api.call(getAhead);
  expect(begun[0]!.signal.aborted).toBe(true);
  for (const { go } of begun) go();
  expect((await asked).leastCapacity).toBeGreaterThan(before);
});
