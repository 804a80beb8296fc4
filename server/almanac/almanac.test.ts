import { getAlmanac, getAlmanacYear } from '@/contract/almanac';
import {
  addRule,
  changeGreeting,
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
import { addPerson, editPerson, getPerson } from '@/contract/people';
import { saveSettings } from '@/contract/settings';
import { getDesk, logTouch, skipItem } from '@/contract/touches';
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
  api.clock.today = () => '2026-12-10' as never;
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
