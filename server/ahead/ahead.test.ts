import { addPerson, getPerson } from '@/contract/people';
import {
  cancelTrial,
  getAhead,
  getConsistency,
  makeTrial,
  readProposals,
  readTrial,
  startProposals,
  startTrial,
  type Outlook,
  type Trial,
} from '@/contract/planner';
import { listEnrolments } from '@/contract/enrolments';
import { undoAction } from '@/contract/history';
import { getSettings, moveClock, saveSettings } from '@/contract/settings';
import { getDesk, logTouch, putOff, skipItem, swapItem } from '@/contract/touches';
import { addDays, plainDate } from '@/core/time';
import { setToday } from '@/server/clock';
import { sphereNow } from '@/server/planner';
import { startTestApi, type TestApi } from '@/testing/api';
import { beat, cadencesOf } from '@/testing/cadences';

const TODAY = plainDate('2026-11-23');
const INNER = '0190a000-0000-7000-8000-000000000001';
const OUTER = '0190a000-0000-7000-8000-000000000004';

let api: TestApi;
beforeEach(async () => {
  api = await startTestApi({ demo: true });
});
afterEach(() => api.close());

const on = cadencesOf(() => api);
const person = async (givenName: string, more: object = {}) =>
  (await api.call(addPerson, { body: { givenName, phone: '555-0101', ...more } })).id;
const inner = async (n: number) => {
  const ids = [];
  for (let i = 0; i < n; i++) ids.push(await person(`P${i}`, { circleId: INNER }));
  return ids;
};

/** People whom a call of so many days ago reached. */
async function reached(n: number, circleId: string, daysAgo: number): Promise<string[]> {
  const ids = [];
  for (let i = 0; i < n; i++) {
    const personId = await person(`P${i}`, { circleId });
    await api.call(logTouch, {
      body: { personId, kind: 'call', outcome: 'reached', on: addDays(TODAY, -daysAgo) },
    });
    ids.push(personId);
  }
  return ids;
}

async function outcome(trial: Trial): Promise<Outlook> {
  const { id } = await api.call(startTrial, { body: { trial, weeks: 13 } });
  for (let i = 0; i < 200; i++) {
    const read = await api.call(readTrial, { params: { id } });
    if (read.state === 'done') return read.outlook;
    await new Promise((done) => setTimeout(done, 20));
  }
  throw new Error('The trial did not end.');
}

async function proposed(trial: Trial = {}) {
  const { id } = await api.call(startProposals, { body: { trial, weeks: 13 } });
  for (let i = 0; i < 400; i++) {
    const read = await api.call(readProposals, { params: { id } });
    if (read.state === 'done') return read.proposals;
    await new Promise((done) => setTimeout(done, 20));
  }
  throw new Error('The search did not end.');
}

describe('what would fix it', () => {
  test('each proposal keeps everybody when it is tried, and when it is made', async () => {
    for (const [i, personId] of (await inner(12)).entries())
      await api.call(logTouch, {
        body: { personId, kind: 'call', outcome: 'reached', on: addDays(TODAY, i - 28) },
      });
    await api.call(saveSettings, { body: { capacity: 1 } });
    expect((await api.call(getAhead)).slipCount).toBeGreaterThan(0);
    const all = await proposed();
    expect(all.length).toBeGreaterThanOrEqual(2);
    for (const { trial, slipCount } of all) {
      const tried = await outcome(trial);
      expect([tried.slipCount, slipCount]).toEqual([0, 0]);
    }
    await api.call(makeTrial, { body: { trial: all[0]!.trial } });
    expect((await api.call(getAhead)).slipCount).toBe(0);
    expect(await proposed()).toEqual([]);
  });

  test('a limit of a kind that is in the way is named, made, and taken back', async () => {
    await inner(10);
    const call = { minutes: 10, costMinor: 0, perDay: 1, holds: {} };
    await api.call(saveSettings, { body: { capacity: 8, graceDays: 3, kinds: { call } } });
    const [first] = await proposed();
    expect(first!.title).toMatch(/^Up to \d of a day’s touches by call instead of 1$/);
    const { actionId } = await api.call(makeTrial, { body: { trial: first!.trial } });
    expect((await api.call(getAhead)).slipCount).toBe(0);
    await api.call(undoAction, { params: { id: actionId } });
    expect((await api.call(getSettings)).settings.kinds.call!.perDay).toBe(1);
  });

  test('a start of many at once may begin with a few a day', async () => {
    await reached(6, INNER, 24);
    const ids = await reached(30, OUTER, 20);
    const cadenceId = await on.build([beat(0)], { rounds: 1, gapDays: 0 });
    await api.call(saveSettings, { body: { capacity: 2, graceDays: 9 } });
    const join = { cadenceId, who: { ids }, perDay: null };
    const slow = (await proposed({ join })).find(({ trial }) => trial.join!.perDay !== null)!;
    expect(slow.title).toMatch(/^Begin with \d (person|people) a working day/);
    const [atOnce, tried] = [await outcome({ join }), await outcome(slow.trial)];
    expect(tried.slipCount).toBe(slow.slipCount);
    expect(tried.slipCount).toBeLessThan(atOnce.slipCount);
  });
});

test('a cadence is let rest, together with other changes', async () => {
  const cadenceId = await on.build([beat(0)]);
  const { sentence } = await api.call(makeTrial, {
    body: { trial: { rest: [cadenceId], capacity: 9 } },
  });
  expect(sentence).toBe('Changed your days, 1 cadence');
});

describe('those who are on a cadence and have not begun', () => {
  const onAll = async (n: number, beats = [beat(0)]) => {
    const ids = await reached(n, OUTER, 20);
    const cadenceId = await on.build(beats, { rounds: 1, gapDays: 0 });
    await on.enrol(cadenceId, ids, TODAY);
    return { ids, cadenceId };
  };
  const starts = async (cadenceId: string) =>
    (await api.call(listEnrolments, { params: { id: cadenceId }, query: { limit: 50 } })).people
      .map(({ startOn }) => startOn)
      .sort();

  test('may begin a few a day instead, which is tried, made and taken back', async () => {
    await reached(6, INNER, 24);
    const { cadenceId } = await onAll(30);
    await api.call(saveSettings, { body: { capacity: 2, graceDays: 9 } });
    const now = (await api.call(getAhead)).slipCount;
    expect(now).toBeGreaterThan(0);
    const spread = (await proposed()).find(({ trial }) => trial.spread)!;
    expect(spread.title).toMatch(/^Begin “.*” with \d (person|people) a working day$/);
    expect((await outcome(spread.trial)).slipCount).toBe(spread.slipCount);
    expect(spread.slipCount).toBeLessThan(now);
    const before = await starts(cadenceId);
    const { actionId } = await api.call(makeTrial, { body: { trial: spread.trial } });
    expect((await api.call(getAhead)).slipCount).toBe(spread.slipCount);
    const after = await starts(cadenceId);
    const { perDay } = spread.trial.spread![0]!;
    expect(new Set(after).size).toBe(Math.ceil(30 / perDay));
    await api.call(undoAction, { params: { id: actionId } });
    expect(await starts(cadenceId)).toEqual(before);
  });

  test('whoever has begun stays where they are', async () => {
    const { ids, cadenceId } = await onAll(3, [beat(0), beat(7)]);
    await api.call(logTouch, { body: { personId: ids[0]!, kind: 'call', outcome: 'reached' } });
    await api.call(makeTrial, { body: { trial: { spread: [{ cadenceId, perDay: 1 }] } } });
    expect(await starts(cadenceId)).toEqual([TODAY, TODAY, addDays(TODAY, 1)]);
  });
});

describe('what if', () => {
  test('days off on top of days off are refused when they are too many together', async () => {
    const daysOff = (from: number) =>
      Array.from({ length: 366 }, (_, i) => addDays(TODAY, from + i));
    for (const from of [0, 400])
      await api.call(makeTrial, { body: { trial: { daysOff: daysOff(from) } } });
    const { fields } = await api.refusal(makeTrial, {
      body: { trial: { daysOff: daysOff(800) } },
    });
    expect(fields[0]!.field).toBe('daysOff');
    expect((await api.call(getSettings)).settings.daysOff).toHaveLength(732);
    // As in the settings themselves.
    await api.refusal(makeTrial, { body: { trial: { perKind: { call: 501 } } } });
  });

  test('less room makes promises slip, and the least room that keeps them all is told', async () => {
    await inner(12);
    await api.call(saveSettings, { body: { capacity: 1, graceDays: 3 } });
    const { slipCount, leastCapacity, capacity } = await api.call(getAhead);
    expect(capacity).toBe(1);
    expect(slipCount).toBeGreaterThan(0);
    expect((await outcome({ capacity: leastCapacity! })).slipCount).toBe(0);
    expect((await outcome({ capacity: leastCapacity! - 1 })).slipCount).toBeGreaterThan(0);
    expect((await api.call(getAhead)).slipCount).toBe(slipCount);
  });

  test('longer promises of a circle ask for less', async () => {
    await inner(4);
    const now = await api.call(getAhead);
    const touches = ({ weeks }: Pick<Outlook, 'weeks'>) =>
      weeks.reduce((sum, { keepers }) => sum + keepers, 0);
    const later = await outcome({ circles: { [INNER]: 90 } });
    expect(touches(later)).toBeLessThan(touches(now));
    expect((await outcome({ circles: { [INNER]: null } })).promises).toBe(0);
  });

  test('the same standing as saving the promise would give', async () => {
    const [ana] = await inner(1);
    await api.call(logTouch, { body: { personId: ana!, kind: 'text', outcome: 'sent' } });
    const tried = await outcome({ circles: { [INNER]: 45 } });
    await api.call(makeTrial, { body: { trial: { circles: { [INNER]: 45 } } } });
    const { today: _, ...saved } = await api.call(getAhead);
    expect(saved).toEqual(tried);
  });

  test('days off and people who would join are in the load, and nothing is written', async () => {
    const ids = await inner(3);
    const cadenceId = await on.build([beat(0)], { rounds: 1, gapDays: 0 });
    const trial: Trial = {
      daysOff: [TODAY],
      join: { cadenceId, who: { ids }, perDay: 1 },
    };
    const { weeks } = await outcome(trial);
    expect(weeks[0]).toMatchObject({ asked: 3, capacity: 40 });
    expect((await api.call(getAhead)).weeks[0]!.asked).toBe(0);
    const { actionId } = await api.call(makeTrial, { body: { trial } });
    expect((await api.call(getAhead)).weeks[0]).toMatchObject({ asked: 3, capacity: 40 });
    await api.call(undoAction, { params: { id: actionId } });
    expect((await api.call(getAhead)).weeks[0]).toMatchObject({ asked: 0, capacity: 50 });
    expect((await api.call(getSettings)).settings.daysOff).toEqual([]);
  });

  test('a trial can be cancelled, and making nothing is refused', async () => {
    const { id } = await api.call(startTrial, { body: { trial: { capacity: 3 }, weeks: 52 } });
    expect(await api.call(cancelTrial, { params: { id } })).toEqual({ cancelled: true });
    expect(await api.refusal(readTrial, { params: { id } })).toMatchObject({ code: 'not_found' });
    expect(await api.refusal(makeTrial, { body: { trial: {} } })).toMatchObject({
      message: 'Nothing is different from how it is.',
    });
  });

  test.each([
    ['no capacity', { capacity: 0 }],
    ['no working days', { workingDays: [] }],
  ])('with %s the outlook says so, and nothing breaks', async (_, body) => {
    await inner(2);
    await api.call(saveSettings, { body });
    const ahead = await api.call(getAhead, { query: { weeks: 52 } });
    expect(ahead.slipCount).toBe(2);
    expect(ahead.weeks.every(({ capacity }) => capacity === 0)).toBe(true);
    expect((await on.desk()).items).toEqual([]);
  });
});

describe('after one touch only that person is planned anew', () => {
  /** Everything but the order of touches on one day, as a full reading plans it. */
  const shape = async () => {
    const { plan } = await sphereNow(api.ctx);
    return plan.touches.map(({ item, day }) => `${day} ${item.key} ${item.kind}`).sort();
  };
  const afresh = async () => {
    api.ctx.writes.markStale('everybody');
    return shape();
  };

  test('and where days have room, the plan is the one that planning everybody makes', async () => {
    const ids = await inner(6);
    const cadenceId = await on.build([beat(0), beat(12, 'text')]);
    await on.enrol(cadenceId, ids.slice(0, 3), TODAY);
    const { items } = await api.call(getDesk);
    const [first, second, third] = items;
    await api.call(logTouch, {
      body: { personId: first!.personId, kind: 'call', outcome: 'reached', itemKey: first!.key },
    });
    expect(await shape()).toEqual(await afresh());
    await api.call(putOff, { body: { itemKey: second!.key, until: addDays(TODAY, 4) } });
    expect(await shape()).toEqual(await afresh());
    await api.call(swapItem, { body: { itemKey: third!.key, kind: 'text' } });
    expect(await shape()).toEqual(await afresh());
    await api.call(skipItem, { body: { itemKey: third!.key } });
    expect(await shape()).toEqual(await afresh());
  });

  test('swapped, it comes in its new kind with another hold, and can be undone', async () => {
    const [ana] = await inner(1);
    await on.enrol(await on.build([beat(0)]), [ana!], TODAY);
    const [item] = (await on.desk()).items;
    const { actionId } = await api.call(swapItem, { body: { itemKey: item!.key, kind: 'text' } });
    expect((await on.desk()).items).toMatchObject([{ key: item!.key, kind: 'text' }]);
    await api.call(undoAction, { params: { id: actionId } });
    expect((await on.desk()).items).toMatchObject([{ kind: 'call' }]);
  });
});

test('what was learnt goes where it belongs, in the same action', async () => {
  const id = await person('Ana');
  const { actionId } = await api.call(logTouch, {
    body: {
      personId: id,
      kind: 'call',
      outcome: 'reached',
      tags: ['sailing'],
      date: { name: 'Baby due', on: '2027-03-14' },
    },
  });
  const sheet = await api.call(getPerson, { params: { id } });
  expect(sheet.tags).toEqual(['sailing']);
  expect(sheet.fields.dates).toEqual([{ name: 'Baby due', on: '2027-03-14' }]);
  await api.call(undoAction, { params: { id: actionId } });
  expect((await api.call(getPerson, { params: { id } })).tags).toEqual([]);
  const body = { personId: id, kind: 'call' as const, outcome: 'reached' as const };
  expect(
    (await api.refusal(logTouch, { body: { ...body, date: { name: 'Baby due', on: '02-31' } } }))
      .code,
  ).toBe('invalid');
  await api.call(logTouch, { body: { ...body, date: { name: 'birthday', on: '05-04' } } });
  expect((await api.call(getPerson, { params: { id } })).fields.birthday).toBe('05-04');
});

test('kinds with limits, minutes and holds of the owner’s own are obeyed', async () => {
  const ids = [await person('Ana'), await person('Bo'), await person('Cy')];
  await on.enrol(await on.build([beat(0)]), ids, TODAY);
  await api.call(saveSettings, {
    body: { kinds: { call: { perDay: 1, minutes: 25, holds: { left_word: 0.25 } } } },
  });
  const desk = await api.call(getDesk);
  expect([desk.items.length, desk.minutes]).toEqual([1, 25]);
  await api.call(saveSettings, { body: { kinds: {}, minutesPerDay: 20 } });
  expect((await on.desk()).items).toHaveLength(2);
});

test('a clock that is set back loses nothing, and goes on where it was', async () => {
  const ana = await person('Ana', { circleId: INNER });
  await on.enrol(await on.build([beat(0), beat(10)]), [ana], TODAY);
  const [item] = (await on.desk()).items;
  await api.call(logTouch, {
    body: { personId: ana, kind: 'call', outcome: 'reached', itemKey: item!.key },
  });
  setToday(api.clock, addDays(TODAY, -30));
  expect((await on.desk()).items).toEqual([]);
  expect((await api.call(getAhead)).slipCount).toBe(0);
  const { enrolments } = await api.call(getPerson, { params: { id: ana } });
  expect(enrolments[0]!.state).toBe('waiting');
  setToday(api.clock, addDays(TODAY, 10));
  expect((await on.desk()).items).toMatchObject([{ personId: ana, source: 'beat' }]);
});

test('by week and kind: what stood on the desk, what was made, what was let go', async () => {
  const ids = [await person('Ana'), await person('Bo'), await person('Cy')];
  await on.enrol(await on.build([beat(0)]), ids, TODAY);
  const [first, second] = (await on.desk()).items;
  await api.call(logTouch, {
    body: { personId: first!.personId, kind: 'call', outcome: 'reached', itemKey: first!.key },
  });
  await api.call(skipItem, { body: { itemKey: second!.key } });
  await api.call(moveClock, { body: { days: 7 } });
  await api.call(logTouch, { body: { personId: ids[2]!, kind: 'text', outcome: 'sent' } });
  const { weeks } = await api.call(getConsistency, { query: { weeks: 2 } });
  expect(weeks).toEqual([
    { monday: TODAY, planned: 3, made: 1, letGo: 1, kinds: [{ kind: 'call', made: 1 }] },
    {
      monday: addDays(TODAY, 7),
      planned: 0,
      made: 1,
      letGo: 0,
      kinds: [{ kind: 'text', made: 1 }],
    },
  ]);
});
