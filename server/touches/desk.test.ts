import { changeEntry } from '@/contract/lists';

import { enrol } from '@/contract/enrolments';
import { addPerson, getPerson, listPeople } from '@/contract/people';
import { getAhead } from '@/contract/planner';
import { undoAction } from '@/contract/history';
import { getSettings, moveClock, saveSettings } from '@/contract/settings';
import {
  getDesk,
  listMeant,
  logPast,
  logTouch,
  putOff,
  settleMeant,
  skipItem,
} from '@/contract/touches';
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

const { person, keys, build } = cadencesOf(() => api);
const quarterly = () =>
  build([beat(0, 'call', 'Ask {{ first_name }} about the house'), beat(30, 'text')]);

describe('from a cadence to the desk', () => {
  test('enrolling today puts the first beat on today’s desk; logging it moves on to the next', async () => {
    const id = await person('Ana');
    const cadenceId = await quarterly();
    await api.call(enrol, {
      body: { cadenceId, who: { ids: [id] }, startOn: TODAY, leaveOut: [] },
    });
    const [item] = (await api.call(getDesk)).items;
    expect(item).toMatchObject({
      name: 'Ana',
      kind: 'call',
      reason: 'Quarterly: call.',
      words: 'Ask Ana about the house',
      standing: { slack: null },
    });
    const done = await api.call(logTouch, {
      body: {
        personId: id,
        kind: 'call',
        outcome: 'reached',
        itemKey: item!.key,
        note: 'All well',
      },
    });
    expect(await keys()).toEqual([]);
    expect((await api.call(getDesk)).made).toMatchObject([
      { name: 'Ana', outcome: 'reached', actionId: done.actionId },
    ]);

    await api.call(undoAction, { params: { id: done.actionId } });
    expect(await keys()).toEqual([item!.key]);
    expect((await api.call(getDesk)).made).toEqual([]);
  });

  test('no answer is no touch: it counts nothing and comes back in two days', async () => {
    const id = await person('Ana', { circleId: INNER });
    const cadenceId = await quarterly();
    await api.call(enrol, {
      body: { cadenceId, who: { ids: [id] }, startOn: TODAY, leaveOut: [] },
    });
    const [key] = await keys();
    await api.call(logTouch, {
      body: { personId: id, kind: 'call', outcome: 'no_answer', itemKey: key! },
    });
    expect((await api.call(getPerson, { params: { id } })).planned[0]!.day).toBe('2026-11-25');
    expect((await api.call(getPerson, { params: { id } })).standing.slack).toBe(14);
  });

  test('a follow-up given with the touch is planned for its day, with its words', async () => {
    const id = await person('Ana');
    const followUp = { on: addDays(TODAY, 4), kind: 'call' as const, words: 'the rate review' };
    await api.call(logTouch, {
      body: { personId: id, kind: 'call', outcome: 'reached', followUp },
    });
    await api.call(moveClock, { body: { days: 4 } });
    const [item] = (await api.call(getDesk)).items;
    expect(item).toMatchObject({
      source: 'follow',
      reason: 'You meant to follow up today: the rate review.',
    });
    await api.call(skipItem, { body: { itemKey: item!.key } });
    expect(await keys()).toEqual([]);
  });

  test('nobody answered a planned call: the follow-up keeps its day, its words and its way', async () => {
    const id = await person('Ana', { email: 'ana@example.com' });
    await api.call(enrol, {
      body: { cadenceId: await quarterly(), who: { ids: [id] }, startOn: TODAY, leaveOut: [] },
    });
    const [itemKey] = await keys();
    const followUp = { on: addDays(TODAY, 7), kind: 'email' as const, words: 'the rate review.' };
    await api.call(logTouch, {
      body: { personId: id, kind: 'call', outcome: 'no_answer', itemKey: itemKey!, followUp },
    });
    await api.call(moveClock, { body: { days: 7 } });
    const { items } = await api.call(getDesk);
    expect(items).toMatchObject([{ key: itemKey, kind: 'email' }]);
    expect(items[0]!.reason).toMatch(/ About: the rate review\.$/);
  });

  test('a call of their own the same day lets the planned one fall away', async () => {
    const id = await person('Ana');
    await api.call(enrol, {
      body: { cadenceId: await quarterly(), who: { ids: [id] }, startOn: TODAY, leaveOut: [] },
    });
    expect(await keys()).toHaveLength(1);
    await api.call(logTouch, { body: { personId: id, kind: 'visit', outcome: 'reached' } });
    expect(await keys()).toEqual([]);
  });
});

describe('promises on the desk', () => {
  test('a promise about to run out comes up by itself, kept by the way that is on record', async () => {
    const id = await person('Ana', { phone: '', email: 'ana@example.com', circleId: INNER });
    await api.call(logPast, {
      body: {
        touches: [
          { personId: id, kind: 'call', outcome: 'reached', on: addDays(TODAY, -30), note: 'Roof' },
        ],
      },
    });
    const [item] = (await api.call(getDesk)).items;
    expect(item).toMatchObject({
      source: 'keep',
      kind: 'email',
      reason: 'Your 30-day promise runs out today. You were last in touch 30 days ago.',
      lastNote: { body: 'Roof' },
      standing: { slack: 0, warmth: 'soon' },
    });
    expect(await api.refusal(skipItem, { body: { itemKey: item!.key } })).toMatchObject({
      message: 'This touch keeps a promise. Put it off, or change the promise.',
    });
    expect(
      await api.call(putOff, { body: { itemKey: item!.key, until: addDays(TODAY, 1) } }),
    ).toMatchObject({
      sentence: 'Ana comes back tomorrow',
    });
    expect(await keys()).toEqual([]);
  });

  test('handed back, a touch goes to the day with most room of the week', async () => {
    const id = await person('Ana', { circleId: INNER });
    const touch = { personId: id, kind: 'call', outcome: 'reached', note: '' } as const;
    await api.call(logPast, { body: { touches: [{ ...touch, on: addDays(TODAY, -30) }] } });
    const followUp = { on: addDays(TODAY, 1), kind: 'call', words: 'so' } as const;
    const other = await person('Bo');
    await api.call(logTouch, {
      body: { personId: other, kind: 'call', outcome: 'reached', followUp },
    });
    const { planned } = await api.call(getPerson, { params: { id } });
    const [itemKey] = await keys();
    const { actionId, sentence } = await api.call(putOff, {
      body: { itemKey: itemKey!, until: null },
    });
    expect(sentence).toBe('Ana comes back Wednesday, the day with most room');
    await api.call(undoAction, { params: { id: actionId } });
    expect((await api.call(getPerson, { params: { id } })).planned).toEqual(planned);
  });

  test('the desk keeps to the room of the day, and says where the rest went', async () => {
    await api.call(saveSettings, { body: { capacity: 2 } });
    for (let i = 0; i < 5; i++) {
      const id = await person(`P${i}`, { circleId: INNER });
      await api.call(logPast, {
        body: {
          touches: [
            {
              personId: id,
              kind: 'call',
              outcome: 'reached',
              on: addDays(TODAY, -31 - i),
              note: '',
            },
          ],
        },
      });
    }
    const desk = await api.call(getDesk);
    expect(desk.items).toHaveLength(2);
    expect(desk.movedCount).toBe(3);
    expect(desk.moved[0]!.day).toBe('2026-11-24');
    const [first, second] = desk.items;
    await api.call(logTouch, {
      body: { personId: first!.personId, kind: 'call', outcome: 'reached', itemKey: first!.key },
    });
    expect(await keys()).toEqual([second!.key]);
  });

  test('changing the promise of a circle moves everybody in it, and can be undone', async () => {
    const id = await person('Ana', { circleId: INNER });
    await api.call(logTouch, { body: { personId: id, kind: 'call', outcome: 'reached' } });
    const { actionId } = await api.call(changeEntry, {
      params: { list: 'circle', id: INNER },
      body: { promiseDays: 45 },
    });
    expect((await api.call(getPerson, { params: { id } })).standing.slack).toBe(45);
    await api.call(undoAction, { params: { id: actionId } });
    expect((await api.call(getPerson, { params: { id } })).standing.slack).toBe(30);
  });

  test('two taps on the same item count once', async () => {
    const id = await person('Ana');
    await api.call(enrol, {
      body: { cadenceId: await quarterly(), who: { ids: [id] }, startOn: TODAY, leaveOut: [] },
    });
    const [key] = await keys();
    const body = {
      personId: id,
      kind: 'call' as const,
      outcome: 'reached' as const,
      itemKey: key!,
    };
    await api.call(logTouch, { body });
    expect(await api.refusal(logTouch, { body })).toMatchObject({
      code: 'conflict',
      message: 'This was logged already.',
    });
    expect((await api.call(getDesk)).made).toHaveLength(1);
  });
});

describe('logging what can not be', () => {
  test.each([
    [{ on: '2026-11-24' }, 'A touch can be logged once it has been made, not before.'],
    [{ outcome: 'sent' }, '“Sent” does not go with a call.'],
    [
      { followUp: { on: '2026-11-23', kind: 'call', words: '' } },
      'A follow-up needs a day after today.',
    ],
    [
      { personId: '0190a000-0000-7000-8000-0000000000ff' },
      'This person is not in your sphere any more.',
    ],
  ])('%j is refused', async (change, message) => {
    const body = { personId: await person('Ana'), kind: 'call', outcome: 'reached', ...change };
    expect((await api.refusal(logTouch, { body: body as never })).message).toBe(message);
  });
});

describe('the weeks to come', () => {
  test('who slips, and the room that would keep everybody', async () => {
    await api.call(saveSettings, { body: { capacity: 1 } });
    for (let i = 0; i < 8; i++) {
      const id = await person(`P${i}`, { circleId: INNER });
      await api.call(logPast, {
        body: {
          touches: [
            { personId: id, kind: 'call', outcome: 'reached', on: addDays(TODAY, -29), note: '' },
          ],
        },
      });
    }
    const ahead = await api.call(getAhead);
    expect(ahead).toMatchObject({ promises: 8, overdueCount: 0, capacity: 1 });
    expect(ahead.weeks).toHaveLength(13);
    expect(ahead.slipCount).toBeGreaterThan(0);
    await api.call(saveSettings, { body: { capacity: ahead.leastCapacity! } });
    expect((await api.call(getAhead)).slipCount).toBe(0);
  });

  test('no working days: nothing is planned and no number of touches would do', async () => {
    const id = await person('Ana', { circleId: INNER });
    await api.call(logTouch, { body: { personId: id, kind: 'call', outcome: 'reached' } });
    await api.call(saveSettings, { body: { workingDays: [] } });
    expect(await api.call(getAhead)).toMatchObject({
      slipCount: 1,
      leastCapacity: 0,
      unkeepable: 1,
    });
  });
});

describe('thanks for a referral', () => {
  const sent = async (by: string, name: string) =>
    (await api.call(addPerson, { body: { givenName: name, phone: '555-0109', referredBy: by } }))
      .id;
  const next = async (id: string) =>
    (await api.call(getPerson, { params: { id } })).planned.map(({ key: _, ...said }) => said);

  test('are planned for the day after, in the way the owner chose, once', async () => {
    const bo = await person('Bo');
    await sent(bo, 'Cy');
    const thanks = {
      kind: 'card',
      day: addDays(TODAY, 1),
      reason: 'Thanks for sending Cy.',
      words:
        'Thank you for sending Cy to me. I’ll look after them well, and let you know how it goes.',
    };
    expect(await next(bo)).toEqual([thanks]);
    await person('Di');
    expect(await next(bo)).toEqual([thanks]);
    await api.call(saveSettings, { body: { thanksKind: 'call' } });
    await sent(bo, 'Ed');
    expect((await next(bo)).map(({ kind }) => kind).sort()).toEqual(['call', 'card']);
    await api.call(saveSettings, { body: { thanksKind: null } });
    await sent(bo, 'Flo');
    expect(await next(bo)).toHaveLength(2);
  });

  test('go when it is undone that somebody was added', async () => {
    const bo = await person('Bo');
    const { actionId } = await api.call(addPerson, {
      body: { givenName: 'Cy', phone: '555-0109', referredBy: bo },
    });
    expect(await next(bo)).toHaveLength(1);
    await api.call(undoAction, { params: { id: actionId } });
    expect(await next(bo)).toEqual([]);
  });
});

describe('after a long absence', () => {
  const meant = async (words: string, days: number) => {
    const personId = await person(`For ${words}`);
    const followUp = { on: addDays(TODAY, days), kind: 'call' as const, words };
    await api.call(logTouch, { body: { personId, kind: 'call', outcome: 'reached', followUp } });
    return personId;
  };

  test('old follow-ups are gathered instead of filling the day; each finds its fate, and is undone', async () => {
    for (const [i, words] of ['rates', 'roof', 'lease', 'deed'].entries())
      await meant(words, i + 1);
    await meant('fresh', 88);
    await api.call(moveClock, { body: { days: 91 } });
    const today = addDays(TODAY, 91);
    const desk = await api.call(getDesk);
    expect(desk.items.map(({ reason }) => reason)).toEqual([
      'You meant to follow up last Friday: fresh.',
    ]);
    const { items } = await api.call(listMeant);
    expect(items.map(({ words }) => words)).toEqual(['rates', 'roof', 'lease', 'deed']);
    const [rates, roof, lease, deed] = items.map(({ id }) => id);

    await api.call(settleMeant, { body: { ids: [rates!, roof!], fate: 'keep' } });
    await api.call(settleMeant, { body: { ids: [lease!], fate: 'later' } });
    const dropped = await api.call(settleMeant, { body: { ids: [deed!], fate: 'drop' } });
    expect((await api.call(listMeant)).total).toBe(0);
    const planned = async (n: number) =>
      (await api.call(getPerson, { params: { id: items[n]!.personId } })).planned[0]!;
    // Kept ones fall on different days, where there is room.
    expect(new Set([(await planned(0)).day, (await planned(1)).day]).size).toBe(2);
    expect((await planned(0)).day > today).toBe(true);
    expect((await planned(2)).day).toBe(addDays(today, 28));

    await api.call(undoAction, { params: { id: dropped.actionId! } });
    expect((await api.call(listMeant)).items.map(({ words }) => words)).toEqual(['deed']);
    expect(await api.refusal(settleMeant, { body: { ids: [rates!], fate: 'drop' } })).toMatchObject(
      { code: 'not_found' },
    );
  });
});

test('the day moves only in the demo', async () => {
  expect(await api.call(moveClock, { body: { days: 7 } })).toEqual({ today: '2026-11-30' });
  api.ctx.demo = false;
  expect(await api.refusal(moveClock, { body: { days: 1 } })).toMatchObject({ code: 'forbidden' });
  expect((await api.call(getSettings)).today).toBe('2026-11-30');
});

test('what is typed while logging is a note: dated, tagged, found with a word of the name, undone with the log', async () => {
  const id = await person('Birch', { familyName: 'Holm' });
  const done = await api.call(logTouch, {
    body: {
      personId: id,
      kind: 'call',
      outcome: 'reached',
      note: 'Asked for the name of a surveyor #remodel',
      on: addDays(TODAY, -2),
    },
  });
  const sheet = await api.call(getPerson, { params: { id } });
  expect(sheet.notes).toMatchObject([{ on: addDays(TODAY, -2), tags: ['remodel'], pinned: false }]);
  expect(sheet.talk[0]).toEqual({
    about: 'Last time',
    words: 'Asked for the name of a surveyor #remodel (2 days ago)',
  });
  for (const text of ['surveyor birch', 'holm surveyor', 'remodel birch'])
    expect((await api.call(listPeople, { query: { text } })).rows.map((r) => r.id)).toEqual([id]);
  const rules = { match: 'all', of: [{ field: 'noteTag', test: 'is', values: ['remodel'] }] };
  const filtered = await api.call(listPeople, { query: { rules: JSON.stringify(rules) } });
  expect(filtered.total).toBe(1);
  await api.call(undoAction, { params: { id: done.actionId } });
  expect((await api.call(getPerson, { params: { id } })).notes).toEqual([]);
});

test('a call to another zone says when it is night there; a time that is none is refused', async () => {
  const abroad = async (givenName: string, region: string, country: string) => {
    const { id } = await api.call(addPerson, {
      body: {
        givenName,
        phone: '555-0109',
        circleId: INNER,
        addresses: [{ line: '1 Quay', city: 'Elsewhere', region, country }],
      } as never,
    });
    return id;
  };
  await abroad('Hana', '', 'Japan');
  await abroad('Near', 'CA', '');
  await api.call(saveSettings, {
    body: { graceDays: 0, timeZone: 'America/Los_Angeles', quietFrom: '0:00', quietUntil: '23:59' },
  });
  const quiet = async () =>
    Object.fromEntries((await api.call(getDesk)).items.map((item) => [item.name, item.quiet]));
  expect(await quiet()).toEqual({
    Hana: expect.stringMatching(/^It is \d\d:\d\d where they live; better after 23:59\.$/),
    Near: null,
  });
  await api.call(saveSettings, { body: { quietFrom: '08:00', quietUntil: '08:00' } });
  expect(await quiet()).toEqual({ Hana: null, Near: null });
  expect(await api.refusal(saveSettings, { body: { quietFrom: '25:00' } })).toMatchObject({
    message: 'Write a time such as 21:00.',
  });
});
