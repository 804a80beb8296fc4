import { getAlmanac, getAlmanacYear } from '@/contract/almanac';
import { datesOfPerson, greetTogether, hush, listOccasions } from '@/contract/greetings';
import { undoAction } from '@/contract/history';
import { getPerson } from '@/contract/people';
import { moveClock, saveSettings } from '@/contract/settings';
import { addJob, addTie } from '@/contract/story';
import { logTouch } from '@/contract/touches';
import { greetingsSuite } from '@/testing/greetings';

const { add, call, greetings, planned, refusal, rule } = greetingsSuite();

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
  await call(moveClock, { body: { days: 17 } });
  await call(logTouch, {
    body: { personId: dana, kind: 'call', outcome: 'reached', itemKey: key },
  });
  expect((await call(getPerson, { params: { id: lee } })).touches).toMatchObject([
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
  const { actionId } = await call(greetTogether, together);
  const after = await greetings('2026-11-23', '2026-12-31');
  expect(after.greetings).toMatchObject([
    { name: 'Dana Marsh', withNames: ['Lee Marsh'], on: '2026-12-01', what: 'birthday' },
  ]);
  expect(after.near).toEqual([]);
  await call(undoAction, { params: { id: actionId } });
  expect((await greetings('2026-11-23', '2026-12-31')).greetings).toHaveLength(2);
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
    call(hush, { params: { id: ana }, body: { occasion, hushed } });
  await set('named.moved in', true);
  expect(await count()).toBe(1);
  const { actionId } = await set('', true);
  expect(await count()).toBe(0);
  expect((await greetings()).leftOut.map(({ sentence }) => sentence)).toEqual([
    'You asked for no greeting here.',
    'You asked for no greeting here.',
  ]);
  expect(await call(datesOfPerson, { params: { id: ana } })).toMatchObject({
    never: true,
    dates: [
      { what: 'birthday', next: '2026-12-03' },
      { what: 'Moved in, ten years', hushed: true },
    ],
  });
  await call(undoAction, { params: { id: actionId } });
  expect(await count()).toBe(1);
});

test('the almanac: family, work, weddings, named dates and holidays, filtered, and a year of them', async () => {
  await call(saveSettings, { body: { country: 'US', faiths: ['jewish'] } });
  const ana = await add('Ana', { birthday: '1984-02-29', tags: ['garden'] });
  const bo = await add('Bo', { dates: [{ name: 'wedding', on: '2001-12-10' }] });
  await call(addTie, {
    params: { id: ana },
    body: { kind: 'child', otherName: 'Theo', birthday: '2020-12-06' },
  });
  await call(addJob, {
    params: { id: bo },
    body: { name: 'Home loan', stage: '', completedOn: '2016-12-01' },
  });
  const december = await call(getAlmanac, { query: { from: '2026-12-01', to: '2026-12-31' } });
  const lines = december.days.flatMap(({ on, dates, holidays }) => [
    ...holidays.map(({ name }) => `${on} ${name}`),
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
  expect((await call(getAlmanac, { query: only })).total).toBe(1);
  const year = await call(getAlmanacYear, { query: { year: 2027 } });
  // 29 February is kept on the 28th.
  expect(year.dates[58]).toBe(1);
  expect(year.dates.reduce((a, b) => a + b)).toBe(4);
  expect(year.occasions.map(({ name, dates }) => `${name} ${dates}`).sort()).toEqual([
    'birthday 1',
    'birthday in the family 1',
    'wedding 1',
    'work anniversary 1',
  ]);
  await call(saveSettings, { body: { leapDay: 'mar1' } });
  expect((await call(getAlmanacYear, { query: { year: 2027 } })).dates[59]).toBe(1);
  expect(
    await refusal(getAlmanac, { query: { from: '2026-01-01', to: '2026-12-31' } }),
  ).toMatchObject({
    code: 'invalid',
    message: 'Ask for at most 62 days, the first of them first.',
  });
  const { occasions } = await call(listOccasions);
  expect(occasions.find(({ occasion }) => occasion === 'wedding')).toMatchObject({ people: 1 });
  expect(occasions.find(({ name }) => name === 'Hanukkah')).toMatchObject({
    next: '2026-12-05',
    people: 2,
  });
});
