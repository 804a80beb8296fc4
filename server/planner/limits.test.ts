import { enrol, previewEnrolment } from '@/contract/enrolments';
import { getPerson } from '@/contract/people';
import { getAhead } from '@/contract/planner';
import { moveClock, saveSettings } from '@/contract/settings';
import { getDesk, logPast, logTouch, putOff } from '@/contract/touches';
import { addDays, plainDate } from '@/core/time';
import { startTestApi, type TestApi } from '@/testing/api';
import { beat, cadencesOf } from '@/testing/cadences';

const TODAY = plainDate('2026-11-23');
const INNER = '0190a000-0000-7000-8000-000000000001';

let api: TestApi;
beforeEach(async () => {
  api = await startTestApi({ demo: true });
});
afterEach(() => api.close());

const { person, build, planned } = cadencesOf(() => api);

const names = async () => (await api.call(getDesk)).items.map(({ name }) => name);
const called = (personId: string, extra = {}) =>
  api.call(logTouch, { body: { personId, kind: 'call', outcome: 'reached', ...extra } });

/** People whose promise of 30 days runs out today. */
async function due(...all: string[]) {
  const ids: Record<string, string> = {};
  for (const name of all) {
    const id = await person(name, { circleId: INNER });
    const on = addDays(TODAY, -30);
    const touch = {
      personId: id,
      kind: 'call' as const,
      outcome: 'reached' as const,
      on,
      note: '',
    };
    await api.call(logPast, { body: { touches: [touch] } });
    ids[name] = id;
  }
  return ids;
}

describe('the limits of a day', () => {
  test('with two calls a day there are no more after two were made, planned or not', async () => {
    await due('Ana', 'Bo', 'Cy');
    const di = await person('Di');
    await api.call(saveSettings, { body: { kinds: { call: { perDay: 2 } } } });
    expect(await names()).toHaveLength(2);
    await called(di);
    expect(await names()).toHaveLength(1);
    const [item] = (await api.call(getDesk)).items;
    await called(item!.personId, { itemKey: item!.key });
    expect(await names()).toEqual([]);
  });

  test('minutes of what was made count', async () => {
    await due('Ana', 'Bo');
    await api.call(saveSettings, { body: { minutesPerDay: 20 } });
    expect(await names()).toEqual(['Ana', 'Bo']);
    await called(await person('Di'));
    expect(await names()).toEqual(['Ana']);
  });
});

describe('the owner’s own word', () => {
  test('a follow-up and what was put off stand on their day, however full it is', async () => {
    const on = addDays(TODAY, 2);
    const all = Array.from({ length: 12 }, (_, i) => `P${i}`);
    for (const name of all)
      await api.call(enrol, {
        body: {
          cadenceId: await build([beat(0)]),
          who: { ids: [await person(name)] },
          startOn: on,
          leaveOut: [],
        },
      });
    const { Ana, Bo } = await due('Ana', 'Bo');
    await api.call(saveSettings, { body: { capacity: 3 } });
    await called(Ana!, { followUp: { on, kind: 'call', words: 'the keys' } });
    expect(await planned(Ana!)).toContain(`${on} call`);
    const item = (await api.call(getDesk)).items.find(({ personId }) => personId === Bo);
    await api.call(putOff, { body: { itemKey: item!.key, until: on } });
    expect((await planned(Bo!))[0]).toBe(`${on} call`);
    expect((await planned(Ana!))[0]).toBe(`${on} call`);
  });

  test('when somebody planned for today rang, their place goes to the next one at once', async () => {
    const { Ana } = await due('Ana', 'Bo', 'Cy');
    await api.call(saveSettings, { body: { capacity: 2 } });
    expect(await names()).toEqual(['Ana', 'Bo']);
    await called(Ana!, { on: addDays(TODAY, -1) });
    expect(await names()).toEqual(['Bo', 'Cy']);
  });
});

describe('ahead', () => {
  test('who is broken already and who will be: each once, as many as the head says', async () => {
    const ids = await due('Ana', 'Bo', 'Cy', 'Di');
    await api.call(saveSettings, { body: { capacity: 1 } });
    await api.call(moveClock, { body: { days: 1 } });
    const ahead = await api.call(getAhead);
    expect(ahead.overdueCount).toBe(4);
    expect(ahead.overdue.map(({ name, on }) => [name, on])).toEqual(
      Object.keys(ids).map((name) => [name, addDays(TODAY, 1)]),
    );
    const listed = [...ahead.overdue, ...ahead.slips].map(({ personId }) => personId);
    expect(new Set(listed).size).toBe(ahead.overdueCount + ahead.slipCount);
    // One a day.
    expect(ahead.overdue.map(({ until }) => until)).toEqual(
      [1, 2, 3, 4].map((n) => addDays(TODAY, n)),
    );
  });

  test('enrolling shows what is asked for beside the room, and foretells who finds no day', async () => {
    const ids: string[] = [];
    for (let i = 0; i < 12; i++) ids.push(await person(`P${String(i).padStart(2, '0')}`));
    const cadenceId = await build([beat(0), beat(7, 'text')]);
    await api.call(saveSettings, { body: { capacity: 1 } });
    const body = { cadenceId, who: { ids }, startOn: TODAY, leaveOut: [] };
    const preview = await api.call(previewEnrolment, { body: { ...body, samplePersonId: null } });
    expect(preview.load[0]).toMatchObject({ before: 0, after: 12, capacity: 5 });
    expect(preview.noDay).toBeGreaterThan(5);
    await api.call(enrol, { body });
    const without = [];
    for (const id of ids)
      if (!(await planned(id)).some((touch) => touch.endsWith('call')))
        without.push((await api.call(getPerson, { params: { id } })).name);
    const foretold = preview.noDayFirst.flatMap(({ kind, on, name }) =>
      kind === 'call' && on === TODAY ? [name] : [],
    );
    expect(without.length).toBeGreaterThan(0);
    for (const name of without) expect(foretold).toContain(name);
  });
});
