import { getAlmanac, getAlmanacYear } from '@/contract/almanac';
import {
  addRule,
  changeGreeting,
  datesOfPerson,
  greetTogether,
  hush,
  listGreetings,
  listOccasions,
  listRules,
  orderRules,
  removeRule,
  saveRule,
  tryRule,
  type RuleDraft,
} from '@/contract/greetings';
import { undoAction } from '@/contract/history';
import { addPerson, getPerson } from '@/contract/people';
import { moveClock, saveSettings } from '@/contract/settings';
import { addJob, addTie } from '@/contract/story';
import { addTemplate, removeTemplate } from '@/contract/templates';
import { getDesk, logTouch, skipItem } from '@/contract/touches';
import { saveView } from '@/contract/views';
import { newId } from '@/server/db';
import { startTestApi, type TestApi } from '@/testing/api';

let api: TestApi;
// A Monday.
beforeEach(async () => {
  api = await startTestApi({ demo: true });
});
afterEach(() => api.close());

const add = async (givenName: string, more: object = {}) =>
  (await api.call(addPerson, { body: { givenName, phone: '555-0101', ...more } })).id;
const rule = async (draft: Partial<RuleDraft> & Pick<RuleDraft, 'occasion' | 'kind'>) =>
  (await api.call(addRule, { body: draft })).id;
const greetings = (from = '2026-11-23', to = '2027-11-22') =>
  api.call(listGreetings, { query: { from, to } });
const planned = async (id: string) => (await api.call(getPerson, { params: { id } })).planned;

test('a birthday by a call stands on the day itself, with how old they are', async () => {
  const ana = await add('Ana', { birthday: '1976-12-03' });
  await rule({ occasion: 'birthday', kind: 'call', words: 'Happy {{ years }}, {{ first_name }}.' });
  expect(await planned(ana)).toMatchObject([
    { day: '2026-12-03', kind: 'call', reason: 'Turns 50, December 3.', words: 'Happy 50, Ana.' },
  ]);
  expect((await greetings()).greetings).toMatchObject([
    { name: 'Ana', what: 'turns 50', on: '2026-12-03', state: 'planned', planned: '2026-12-03' },
  ]);
});

test('a card is written in time for the post; too late for it, a quicker way is taken', async () => {
  await api.call(saveSettings, {
    body: { country: 'US', ownerAddress: '1 Quay Street\nPort Ellery 00010', capacity: 20 },
  });
  const address = { line: '2 Mole Road', city: 'Port Ellery', postalCode: '00012' };
  const far = { line: '9 Far Road', city: 'Elsewhere', postalCode: '94110' };
  await rule({ occasion: 'birthday', kind: 'card', leadDays: 1 });
  const near = await add('Near', { birthday: '12-15', addresses: [address] });
  const away = await add('Away', { birthday: '12-15', addresses: [far] });
  const soon = await add('Soon', { birthday: '11-26', addresses: [far] });
  // There on Monday the 14th, two days of post under way: handed over on Friday, written on Thursday.
  expect(await planned(near)).toMatchObject([
    {
      day: '2026-12-08',
      kind: 'card',
      reason: 'Birthday, December 15. Written by December 10, it is there in time.',
    },
  ]);
  // Five days of post under way: handed over on the 8th.
  expect(await planned(away)).toMatchObject([{ kind: 'card', day: '2026-12-03' }]);
  expect(await planned(soon)).toMatchObject([
    {
      day: '2026-11-25',
      kind: 'text',
      reason:
        'Birthday, Thursday. Too late for the post: a card had to be written by last Wednesday.',
    },
  ]);
});

test('one greeting for a home: the same day, and both are marked by it', async () => {
  const address = { line: '2 Mole Road', city: 'Port Ellery', postalCode: '00012' };
  const dates = [{ name: 'Wedding day', on: '2001-12-10' }];
  const dana = await add('Dana', { familyName: 'Marsh', addresses: [address], dates });
  const lee = await add('Lee', { familyName: 'Marsh', addresses: [address], dates });
  await rule({ occasion: 'wedding', kind: 'call', words: '{{ years }} years, {{ first_name }}' });
  const { greetings: all } = await greetings();
  expect(all).toMatchObject(
    [{ name: 'Dana Marsh', withNames: ['Lee Marsh'], what: 'Wedding day, 25 years' }].slice(0, 1),
  );
  expect(all).toHaveLength(1);
  expect(await planned(dana)).toMatchObject([{ words: '25 years, Dana and Lee' }]);
  expect(await planned(lee)).toEqual([]);
  const { key } = all[0]!;
  await api.call(moveClock, { body: { days: 17 } });
  await api.call(logTouch, {
    body: { personId: dana, kind: 'call', outcome: 'reached', itemKey: key },
  });
  expect((await api.call(getPerson, { params: { id: lee } })).touches).toMatchObject([
    { kind: 'call', outcome: 'reached' },
  ]);
  expect((await greetings('2026-12-01', '2026-12-31')).greetings).toMatchObject([
    { state: 'made' },
  ]);
});

const homeOf = async (dana: object, lee: object) => {
  const address = { line: '2 Mole Road', city: 'Port Ellery', postalCode: '00012' };
  const home = { familyName: 'Marsh', addresses: [address] };
  return [await add('Dana', { ...home, ...dana }), await add('Lee', { ...home, ...lee })] as const;
};

test('two birthdays of a home some days apart: asked once, then one greeting, and undone again', async () => {
  await homeOf({ birthday: '1980-12-01' }, { birthday: '1982-12-04' });
  await rule({ occasion: 'birthday', kind: 'call' });
  const before = await greetings('2026-11-23', '2026-12-31');
  expect(before.greetings.map(({ name }) => name)).toEqual(['Dana Marsh', 'Lee Marsh']);
  const [pair] = before.near;
  expect(pair).toMatchObject({ first: { name: 'Dana Marsh' }, second: { name: 'Lee Marsh' } });
  const together = { params: { id: pair!.householdId }, body: { together: true } };
  const { actionId } = await api.call(greetTogether, together);
  const after = await greetings('2026-11-23', '2026-12-31');
  expect(after.greetings).toMatchObject([
    { name: 'Dana Marsh', withNames: ['Lee Marsh'], on: '2026-12-01', what: 'birthday' },
  ]);
  expect(after.near).toEqual([]);
  await api.call(undoAction, { params: { id: actionId } });
  expect((await greetings('2026-11-23', '2026-12-31')).greetings).toHaveLength(2);
});

test('the first rule that fits greets: by circle, by view, by round years, in their order', async () => {
  const { id: viewId } = await api.call(saveView, {
    body: { name: 'Gardeners', filter: { tags: ['garden'] }, sort: 'name' },
  });
  await add('Ana', { birthday: '1976-12-03' });
  await add('Bo', { birthday: '1977-12-04' });
  await add('Cy', { birthday: '12-05', tags: ['garden'] });
  const round = await rule({ occasion: 'birthday', kind: 'card', years: 'round' });
  const view = await rule({ occasion: 'birthday', kind: 'visit', viewId });
  const all = await rule({ occasion: 'birthday', kind: 'text' });
  const kinds = async () =>
    (await greetings('2026-11-23', '2026-12-31')).greetings.map(({ name, kind }) => [name, kind]);
  // Nobody has an address, so what needs one goes a quicker way.
  expect(await kinds()).toEqual([
    ['Ana', 'text'],
    ['Bo', 'text'],
    ['Cy', 'text'],
  ]);
  const { rules } = await api.call(listRules);
  expect(rules.map(({ id, year }) => [id, year.greetings])).toEqual([
    [round, 1],
    [view, 1],
    [all, 1],
  ]);
  await api.call(orderRules, { body: { ids: [all, round, view] } });
  expect((await api.call(listRules)).rules.map(({ year }) => year.greetings)).toEqual([3, 0, 0]);
});

test('a rule is tried before it is kept, changed, switched off and on, and deleted', async () => {
  await add('Ana', { birthday: '1976-12-03', email: 'ana@example.com' });
  await add('Nora', {
    consent: { call: { answer: 'no', on: '2026-01-01', cameFrom: '' } },
    birthday: '12-04',
  });
  const draft = { occasion: 'birthday', kind: 'call' as const, words: 'Happy {{ years }}' };
  const trial = await api.call(tryRule, { body: draft });
  expect(trial).toMatchObject({
    year: { greetings: 1, days: 1, minutes: 10, costMinor: 0 },
    leftOut: [{ name: 'Nora', why: 'said_no' }],
    first: [{ name: 'Ana', what: 'turns 50', words: 'Happy 50' }],
    today: 0,
  });
  expect((await greetings()).total).toBe(0);
  const id = await rule(draft);
  const [kept] = (await api.call(listRules)).rules;
  const save = (change: object, version: number) =>
    api.call(saveRule, { params: { id }, body: { ...kept!, ...change, version } });
  await save({ active: false }, 1);
  expect((await greetings()).total).toBe(0);
  expect(
    await api.refusal(saveRule, { params: { id }, body: { ...kept!, version: 1 } }),
  ).toMatchObject({
    code: 'conflict',
  });
  await save({ kind: 'email', words: 'Dear Ana' }, 2);
  expect((await greetings()).greetings).toMatchObject([{ kind: 'email' }, { kind: 'text' }]);
  const { actionId } = await api.call(removeRule, { params: { id } });
  expect((await greetings()).total).toBe(0);
  await api.call(undoAction, { params: { id: actionId } });
  expect((await greetings()).total).toBeGreaterThan(0);
});

test('what was before a rule was made is none of its business', async () => {
  await add('Ana', { birthday: '11-21' });
  await rule({ occasion: 'birthday', kind: 'call' });
  expect((await greetings('2026-11-01', '2026-12-31')).greetings).toEqual([]);
});

test('one greeting is dropped, taken up again, goes another way, and has words of its own', async () => {
  const ana = await add('Ana', { birthday: '12-03', email: 'ana@example.com' });
  await rule({ occasion: 'birthday', kind: 'call', words: 'Happy birthday' });
  const one = async () => (await greetings()).greetings[0]!;
  const { key } = await one();
  const change = (body: object) => api.call(changeGreeting, { body: { key, ...body } });
  await change({ dropped: true });
  expect(await one()).toMatchObject({ state: 'dropped' });
  expect(await planned(ana)).toEqual([]);
  expect(await api.refusal(changeGreeting, { body: { key, kind: 'email' } })).toMatchObject({
    message: 'This greeting was dropped. Take it up again first.',
  });
  await change({ dropped: false });
  await change({ kind: 'email' });
  await change({ words: 'For you alone, {{ first_name }}' });
  expect(await one()).toMatchObject({
    kind: 'email',
    way: 'hand',
    words: 'For you alone, Ana',
    ownWords: true,
  });
  expect(await planned(ana)).toMatchObject([{ kind: 'email', words: 'For you alone, Ana' }]);
  const { actionId } = await change({ words: null });
  expect(await one()).toMatchObject({ words: 'Happy birthday', ownWords: false });
  await api.call(undoAction, { params: { id: actionId } });
  expect(await one()).toMatchObject({ ownWords: true });
  const other = `greet:${newId()}:birthday:2026`;
  expect(await api.refusal(changeGreeting, { body: { key: other, dropped: true } })).toMatchObject({
    code: 'not_found',
  });
  expect(
    await api.refusal(changeGreeting, { body: { key: 'keep:x', dropped: true } }),
  ).toMatchObject({
    code: 'invalid',
  });
});

test('on the desk: logged like any touch, or let go; then it is not asked for again', async () => {
  const ana = await add('Ana', { birthday: '1996-11-23' });
  const bo = await add('Bo', { birthday: '11-23' });
  await rule({ occasion: 'birthday', kind: 'call' });
  const { items } = await api.call(getDesk);
  expect(items.map(({ name, reason }) => [name, reason]).sort()).toEqual([
    ['Ana', 'Turns 30, today.'],
    ['Bo', 'Birthday, today.'],
  ]);
  const keyOf = (id: string) => items.find(({ personId }) => personId === id)!.key;
  await api.call(logTouch, {
    body: { personId: ana, kind: 'call', outcome: 'reached', itemKey: keyOf(ana) },
  });
  await api.call(skipItem, { body: { itemKey: keyOf(bo) } });
  expect((await api.call(getDesk)).items).toEqual([]);
  expect(
    (await greetings('2026-11-23', '2026-11-24')).greetings.map(({ name, state }) => [name, state]),
  ).toEqual([
    ['Ana', 'made'],
    ['Bo', 'dropped'],
  ]);
});

test('a planned call yields to a greeting by its distance, and says so', async () => {
  await api.call(saveSettings, { body: { minDistanceDays: 5 } });
  const ana = await add('Ana', {
    birthday: '12-09',
    circleId: '0190a000-0000-7000-8000-000000000002',
  });
  // The grace for somebody new ends on December 7.
  expect((await planned(ana))[0]).toMatchObject({ kind: 'call', day: '2026-12-04' });
  await rule({ occasion: 'birthday', kind: 'call' });
  expect((await planned(ana)).slice(0, 2)).toMatchObject([
    { day: '2026-12-04' },
    { day: '2026-12-09' },
  ]);
  await api.call(saveSettings, { body: { graceDays: 16 } });
  // It keeps the promise as well, and in time.
  expect((await planned(ana))[0]).toMatchObject({
    day: '2026-12-09',
    reason: 'Birthday, December 9.',
  });
});

test('hushed on an occasion, on a date, or at all; no reason is asked', async () => {
  const ana = await add('Ana', {
    birthday: '12-03',
    dates: [{ name: 'Moved in', on: '2016-12-05' }],
  });
  await rule({ occasion: 'birthday', kind: 'call' });
  await rule({ occasion: 'named.moved in', kind: 'call' });
  const count = async () => (await greetings()).total;
  expect(await count()).toBe(2);
  const set = (occasion: string, hushed: boolean) =>
    api.call(hush, { params: { id: ana }, body: { occasion, hushed } });
  await set('named.moved in', true);
  expect(await count()).toBe(1);
  const { actionId } = await set('', true);
  expect(await count()).toBe(0);
  expect((await greetings()).leftOut.map(({ sentence }) => sentence)).toEqual([
    'You asked for no greeting here.',
    'You asked for no greeting here.',
  ]);
  expect(await api.call(datesOfPerson, { params: { id: ana } })).toMatchObject({
    never: true,
    dates: [
      { what: 'birthday', next: '2026-12-03' },
      { what: 'Moved in, ten years', hushed: true },
    ],
  });
  await api.call(undoAction, { params: { id: actionId } });
  expect(await count()).toBe(1);
});

test('the almanac: family, work, weddings, named dates and holidays, filtered, and a year of them', async () => {
  await api.call(saveSettings, { body: { country: 'US', faiths: ['jewish'] } });
  const ana = await add('Ana', { birthday: '1984-02-29', tags: ['garden'] });
  const bo = await add('Bo', { dates: [{ name: 'wedding', on: '2001-12-10' }] });
  await api.call(addTie, {
    params: { id: ana },
    body: { kind: 'child', otherName: 'Theo', birthday: '2020-12-06' },
  });
  await api.call(addJob, {
    params: { id: bo },
    body: { name: 'Home loan', stage: '', completedOn: '2016-12-01' },
  });
  const december = await api.call(getAlmanac, { query: { from: '2026-12-01', to: '2026-12-31' } });
  const lines = december.days.flatMap(({ on, dates, holidays }) => [
    ...holidays.map((name) => `${on} ${name}`),
    ...dates.map(({ name, what, round }) => `${on} ${name}: ${what}${round ? ', round' : ''}`),
  ]);
  expect(lines).toEqual([
    '2026-12-01 Bo: Home loan, ten years, round',
    '2026-12-05 Hanukkah',
    '2026-12-06 Ana: Theo turns 6',
    '2026-12-10 Bo: wedding, 25 years, round',
    '2026-12-24 Christmas Eve',
    '2026-12-25 Christmas Day',
    "2026-12-31 New Year's Eve",
  ]);
  const only = { from: '2026-12-01', to: '2026-12-31', tags: 'garden' } as const;
  expect((await api.call(getAlmanac, { query: only })).total).toBe(1);
  const year = await api.call(getAlmanacYear, { query: { year: 2027 } });
  // 29 February is kept on the 28th.
  expect(year.dates[58]).toBe(1);
  expect(year.dates.reduce((a, b) => a + b)).toBe(4);
  expect(year.occasions.map(({ name, dates }) => `${name} ${dates}`).sort()).toEqual([
    'birthday 1',
    'birthday in the family 1',
    'wedding 1',
    'work anniversary 1',
  ]);
  await api.call(saveSettings, { body: { leapDay: 'mar1' } });
  expect((await api.call(getAlmanacYear, { query: { year: 2027 } })).dates[59]).toBe(1);
  expect(
    await api.refusal(getAlmanac, { query: { from: '2026-01-01', to: '2026-12-31' } }),
  ).toMatchObject({
    code: 'invalid',
    message: 'Ask for at most 62 days, the first of them first.',
  });
  const { occasions } = await api.call(listOccasions);
  expect(occasions.find(({ occasion }) => occasion === 'wedding')).toMatchObject({ people: 1 });
  expect(occasions.find(({ name }) => name === 'Hanukkah')).toMatchObject({
    next: '2026-12-05',
    people: 2,
  });
});

test('a holiday greets everybody once, spread over the weeks before it', async () => {
  await api.call(saveSettings, {
    body: { country: 'US', ownerAddress: 'Port Ellery 00010', capacity: 40 },
  });
  const people = Array.from({ length: 30 }, (_, i) => i);
  for (const i of people)
    await add(`P${i}`, {
      addresses: [{ line: `${i} Mole Road`, city: 'Port Ellery', postalCode: '00012' }],
    });
  await rule({ occasion: "holiday.new year's day", kind: 'card' });
  const { greetings: all } = await greetings('2026-11-23', '2027-01-31');
  expect(all).toHaveLength(30);
  const days = new Set(all.map(({ planned: day }) => day));
  expect(days.size).toBeGreaterThan(8);
  for (const { planned: day, by } of all) expect(day! <= by!).toBe(true);
});

test('a year that can’t be true is none, and a template that greets can’t be deleted', async () => {
  const ana = await add('Ana', { birthday: '1850-12-03' });
  await rule({ occasion: 'birthday', kind: 'call' });
  expect((await greetings()).greetings).toMatchObject([{ what: 'birthday' }]);
  expect((await api.call(datesOfPerson, { params: { id: ana } })).dates).toMatchObject([
    { doubt: 'The year 1850 can’t be right, so none is counted from it.' },
  ]);
  const wordings = [{ id: newId(), subject: '', words: 'Happy day', html: '' }];
  const { id } = await api.call(addTemplate, {
    body: { kind: 'call', name: 'Day', wordings, files: [] },
  });
  await rule({ occasion: 'wedding', kind: 'call', templateId: id });
  expect(await api.refusal(removeTemplate, { params: { id } })).toMatchObject({ code: 'conflict' });
  expect(
    (await api.refusal(addRule, { body: { occasion: 'wedding', kind: 'card', templateId: id } }))
      .message,
  ).toBe('The template is for another kind than a card.');
});
