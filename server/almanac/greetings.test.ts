import { changeGreeting } from '@/contract/greetings';
import { undoAction } from '@/contract/history';
import { getPerson } from '@/contract/people';
import { saveSettings } from '@/contract/settings';
import { addNote, keepDate } from '@/contract/story';
import { getDesk, logTouch, skipItem } from '@/contract/touches';
import { newId } from '@/server/db';
import { greetingsSuite } from '@/testing/greetings';

const { add, call, greetings, planned, refusal, rule } = greetingsSuite();

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
  await call(saveSettings, {
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

test('one greeting is dropped, taken up again, goes another way, and has words of its own', async () => {
  const ana = await add('Ana', { birthday: '12-03', email: 'ana@example.com' });
  await rule({ occasion: 'birthday', kind: 'call', words: 'Happy birthday' });
  const one = async () => (await greetings()).greetings[0]!;
  const { key } = await one();
  const change = (body: object) => call(changeGreeting, { body: { key, ...body } });
  await change({ dropped: true });
  expect(await one()).toMatchObject({ state: 'dropped' });
  expect(await planned(ana)).toEqual([]);
  expect(await refusal(changeGreeting, { body: { key, kind: 'email' } })).toMatchObject({
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
  await call(undoAction, { params: { id: actionId } });
  expect(await one()).toMatchObject({ ownWords: true });
  const other = `greet:${newId()}:birthday:2026`;
  expect(await refusal(changeGreeting, { body: { key: other, dropped: true } })).toMatchObject({
    code: 'not_found',
  });
  expect(await refusal(changeGreeting, { body: { key: 'keep:x', dropped: true } })).toMatchObject({
    code: 'invalid',
  });
});

test('on the desk: logged like any touch, or let go; then it is not asked for again', async () => {
  const ana = await add('Ana', { birthday: '1996-11-23' });
  const bo = await add('Bo', { birthday: '11-23' });
  await rule({ occasion: 'birthday', kind: 'call' });
  const { items } = await call(getDesk);
  expect(items.map(({ name, reason }) => [name, reason]).sort()).toEqual([
    ['Ana', 'Turns 30, today.'],
    ['Bo', 'Birthday, today.'],
  ]);
  const keyOf = (id: string) => items.find(({ personId }) => personId === id)!.key;
  await call(logTouch, {
    body: { personId: ana, kind: 'call', outcome: 'reached', itemKey: keyOf(ana) },
  });
  await call(skipItem, { body: { itemKey: keyOf(bo) } });
  expect((await call(getDesk)).items).toEqual([]);
  expect(
    (await greetings('2026-11-23', '2026-11-24')).greetings.map(({ name, state }) => [name, state]),
  ).toEqual([
    ['Ana', 'made'],
    ['Bo', 'dropped'],
  ]);
});

test('a date that a note tells of is greeted, and undone with its note', async () => {
  const ana = await add('Ana');
  await rule({ occasion: 'birthday', kind: 'call' });
  const { actionId } = await call(addNote, {
    params: { id: ana },
    body: { body: 'Turns 50 on December 3', dates: [{ name: 'birthday', on: '1976-12-03' }] },
  });
  expect((await greetings()).greetings).toMatchObject([{ name: 'Ana', what: 'turns 50' }]);
  await call(undoAction, { params: { id: actionId } });
  expect((await greetings()).greetings).toEqual([]);
  expect((await call(getPerson, { params: { id: ana } })).notes).toEqual([]);
  const kept = { name: 'Baby due', on: '2027-03-01' };
  await call(keepDate, { params: { id: ana }, body: kept });
  expect((await call(getPerson, { params: { id: ana } })).fields.dates).toEqual([kept]);
  const nowhere = { body: 'So', dates: [{ name: 'birthday', on: '13-45' }] };
  expect(await refusal(addNote, { params: { id: ana }, body: nowhere })).toMatchObject({
    code: 'invalid',
  });
});

test('a planned call yields to a greeting by its distance, and says so', async () => {
  await call(saveSettings, { body: { minDistanceDays: 5 } });
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
  await call(saveSettings, { body: { graceDays: 16 } });
  // It keeps the promise as well, and in time.
  expect((await planned(ana))[0]).toMatchObject({
    day: '2026-12-09',
    reason: 'Birthday, December 9.',
  });
});

test('a holiday greets everybody once, spread over the weeks before it', async () => {
  await call(saveSettings, {
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
  // Who goes on which day follows from the ids, which are random: most of the days are used.
  expect(days.size).toBeGreaterThan(5);
  for (const { planned: day, by } of all) expect(day! <= by!).toBe(true);
});

test('a house number is no postal code: how far the post goes is then not known', async () => {
  const written = async (ownerAddress: string) => {
    await call(saveSettings, { body: { country: 'US', ownerAddress } });
    return (await greetings()).greetings.map(({ by }) => by);
  };
  await rule({ occasion: 'birthday', kind: 'card' });
  await add('Near', {
    birthday: '12-15',
    addresses: [{ line: '2 Mole Road', city: 'Port Ellery', postalCode: '00012' }],
  });
  const near = await written('1 Quay Street\nPort Ellery 00010');
  const unknown = await written('120 Quay Street\nPort Ellery');
  expect(unknown).not.toEqual(near);
  expect(unknown).toEqual(await written(''));
});
