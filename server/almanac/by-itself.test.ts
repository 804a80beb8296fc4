import {
  addRule,
  changeGreeting,
  hush,
  listGreetings,
  listRules,
  removeRule,
  saveRule,
} from '@/contract/greetings';
import { undoAction } from '@/contract/history';
import { changeMany } from '@/contract/many';
import { listSent, listOutbox } from '@/contract/messages';
import { editPerson, getPerson } from '@/contract/people';
import { saveSettings } from '@/contract/settings';
import { getDesk } from '@/contract/touches';
import type { MailStandIn } from '@/standins';
import { messagesSuite, YES } from '@/testing/messages';

const { add, begin, call, due, evening, later, refusal, rosa, sheet } = messagesSuite();

const rule = (change: object = {}) =>
  call(addRule, {
    body: {
      occasion: 'birthday',
      kind: 'email',
      way: 'auto',
      words: 'Dear {{ first_name }}, a good {{ years | default: "new" }} to you.',
      ...change,
    },
  });
const month = async () =>
  (await call(listGreetings, { query: { from: '2026-11-20', to: '2026-12-20' } })).greetings;
/** So many days later, in the morning. */
const days = async (n: number) => {
  later(24 * n);
  await due(true);
};

test('a birthday is greeted by itself on its day, once, worked or not', async () => {
  const mail = await begin();
  // A Saturday.
  await rosa({ birthday: '1976-11-28' });
  await rule();
  await due(true);
  expect((await call(listOutbox)).goingTotal).toBe(0);
  await days(4);
  expect(await month()).toMatchObject([{ name: 'Rosa Lind', state: 'out', way: 'auto' }]);
  await evening();
  expect(mail.arrived).toHaveLength(0);
  await days(1);
  await evening();
  expect(mail.arrived.map(({ to }) => to)).toEqual([['rosa@example.com']]);
  expect((await call(listSent)).messages[0]).toMatchObject({ name: 'Rosa Lind' });
  expect(mail.arrived[0]!.mail.text).toContain('Dear Rosa, a good 50 to you.');
  expect(await month()).toMatchObject([{ state: 'made' }]);
  await days(1);
  await evening();
  expect(mail.arrived).toHaveLength(1);
});

test('who was not asked is greeted by the owner’s hand; who said no is left out', async () => {
  await begin();
  await rosa({ birthday: '11-26' });
  await rosa({ givenName: 'Ana', email: 'ana@example.com', birthday: '11-26', consent: {} });
  await rosa({
    givenName: 'Nora',
    email: 'nora@example.com',
    birthday: '11-26',
    consent: { email: { answer: 'no', on: '2026-01-01', cameFrom: '' } },
  });
  await rule();
  const read = await call(listGreetings, { query: { from: '2026-11-20', to: '2026-12-20' } });
  expect(read.greetings.map(({ name, way, sentence }) => [name, way, sentence]).sort()).toEqual([
    ['Ana Lind', 'hand', 'Not asked about e-mail yet.'],
    ['Rosa Lind', 'auto', ''],
  ]);
  expect(read.leftOut).toMatchObject([
    { name: 'Nora Lind', why: 'said_no', sentence: 'They said no to e-mail.' },
  ]);
});

describe('a greeting that waits under Out', () => {
  const waits = async () => {
    const id = await rosa({ birthday: '11-24' });
    await rule();
    await due(true);
    expect(await month()).toMatchObject([{ state: 'out' }]);
    return id;
  };
  const change = async (id: string, fields: object) => {
    const { version } = await call(getPerson, { params: { id } });
    return call(editPerson, { params: { id }, body: { version, ...fields } });
  };

  const goesOnTheSecondDay = async (mail: MailStandIn) => {
    await days(1);
    await evening();
    expect(mail.arrived).toEqual([]);
    later(15);
    await due(true);
    await evening();
    expect(mail.arrived).toHaveLength(1);
  };

  test('is cancelled when its date is taken off', async () => {
    const mail = await begin();
    await change(await waits(), { birthday: null });
    expect((await call(listOutbox)).goingTotal).toBe(0);
    await days(1);
    await evening();
    expect(mail.arrived).toEqual([]);
  });

  test('goes on its new day when it is corrected', async () => {
    const mail = await begin();
    const id = await waits();
    await change(id, { birthday: '11-25' });
    await goesOnTheSecondDay(mail);
  });

  test('is not sent to somebody who was archived meanwhile', async () => {
    const mail = await begin();
    const id = await waits();
    await call(changeMany, { body: { who: { ids: [id] }, change: { do: 'archive' } } });
    await days(1);
    await evening();
    expect(mail.arrived).toEqual([]);
  });

  test('is cancelled when it is dropped, when they are hushed, and when its rule is deleted', async () => {
    await begin();
    const id = await waits();
    const [greeting] = await month();
    await call(changeGreeting, { body: { key: greeting!.key, dropped: true } });
    expect((await call(listOutbox)).goingTotal).toBe(0);
    expect(await month()).toMatchObject([{ state: 'dropped' }]);
    const story = async () => (await sheet(id)).events.map(({ words }) => words);
    expect(await story()).toContain('Birthday: the greeting was dropped.');
  });

  test('is written again when what took it away is undone', async () => {
    const mail = await begin();
    const id = await waits();
    const [greeting] = await month();
    const gone = [
      () => change(id, { birthday: null }),
      () => call(changeGreeting, { body: { key: greeting!.key, dropped: true } }),
    ];
    for (const takeAway of gone) {
      const { actionId } = await takeAway();
      await due(true);
      expect((await call(listOutbox)).goingTotal).toBe(0);
      await call(undoAction, { params: { id: actionId } });
      await due(true);
      expect((await call(listOutbox)).goingTotal).toBe(1);
    }
    await days(1);
    await evening();
    expect(mail.arrived).toHaveLength(1);
  });

  test('goes another way or by itself, never both; its words are changed where it waits', async () => {
    const mail = await begin();
    const id = await waits();
    const { key } = (await month())[0]!;
    expect((await refusal(changeGreeting, { body: { key, words: 'Well now.' } })).message).toBe(
      'Its message waits under Out. Change its words there.',
    );
    await call(changeGreeting, { body: { key, kind: 'call' } });
    expect((await call(listOutbox)).goingTotal).toBe(0);
    expect(await month()).toMatchObject([{ kind: 'call', way: 'hand', state: 'planned' }]);
    await days(1);
    expect((await call(getDesk)).items).toMatchObject([{ personId: id, kind: 'call' }]);
    await evening();
    expect(mail.arrived).toEqual([]);
  });

  test('is not changed any more once it has gone', async () => {
    await begin();
    await waits();
    await days(1);
    await evening();
    const { key } = (await month())[0]!;
    for (const changed of [{ kind: 'call' as const }, { words: 'Late.' }, { dropped: true }])
      expect(await refusal(changeGreeting, { body: { key, ...changed } })).toMatchObject({
        code: 'conflict',
        message: 'This greeting has gone already.',
      });
  });

  test('goes on another day, once, when its rule is to greet earlier or later', async () => {
    const mail = await begin();
    await rosa({ birthday: '11-25' });
    await rule({ leadDays: 1 });
    await due(true);
    expect((await call(listOutbox)).goingTotal).toBe(1);
    const { id, version, name: _, year: __, ...draft } = (await call(listRules)).rules[0]!;
    await call(saveRule, { params: { id }, body: { ...draft, version, leadDays: 0 } });
    await goesOnTheSecondDay(mail);
  });

  test('stays once although the owner travels to another zone', async () => {
    const mail = await begin();
    await waits();
    await call(saveSettings, { body: { timeZone: 'Asia/Tokyo' } });
    await due(true);
    // The afternoon of the day in Tokyo.
    later(14);
    await due();
    expect(mail.arrived).toHaveLength(1);
    await call(saveSettings, { body: { timeZone: 'America/Los_Angeles' } });
    await days(1);
    await evening();
    expect(mail.arrived).toHaveLength(1);
  });
});

test('hushed before its day, or its rule gone: nothing is written', async () => {
  await begin();
  const id = await rosa({ birthday: '11-24' });
  const { id: ruleId } = await rule();
  await call(hush, { params: { id }, body: { occasion: 'birthday', hushed: true } });
  await due(true);
  expect((await call(listOutbox)).goingTotal).toBe(0);
  await call(hush, { params: { id }, body: { occasion: 'birthday', hushed: false } });
  await call(removeRule, { params: { id: ruleId } });
  await due(true);
  expect((await call(listOutbox)).goingTotal).toBe(0);
});

test('what could not go on its day is on the desk instead, and then in the story', async () => {
  const mail = await begin();
  const id = await rosa({ birthday: '11-25' });
  await rule();
  await days(1);
  expect((await call(listOutbox)).goingTotal).toBe(1);
  // The machine was off.
  await days(3);
  await evening();
  expect(mail.arrived).toEqual([]);
  expect((await call(getDesk)).items).toMatchObject([
    {
      kind: 'email',
      reason: 'Birthday, this Wednesday. It did not go by itself on its day.',
      words: 'Dear Rosa, a good new to you.',
    },
  ]);
  await days(6);
  expect((await call(getDesk)).items).toEqual([]);
  expect((await sheet(id)).events.map(({ words }) => words)).toContain(
    'Birthday: no greeting was given.',
  );
});

test('one e-mail to a home, by the one who can be reached, and to both by name', async () => {
  const mail = await begin();
  const address = { line: '2 Mole Road', city: 'Port Ellery', postalCode: '00012' };
  const dates = [{ name: 'Wedding', on: '2001-11-24' }];
  const both = { familyName: 'Marsh', addresses: [address], dates };
  await add({ givenName: 'Dana', ...both });
  await add({ givenName: 'Lee', email: 'lee@example.com', consent: YES, ...both });
  await rule({ occasion: 'wedding', words: 'Dear {{ first_name }}, {{ years }} years.' });
  await due(true);
  await days(1);
  await evening();
  expect(mail.arrived.map(({ to }) => to)).toEqual([['lee@example.com']]);
  expect(mail.arrived[0]!.mail.text).toContain('Dear Lee and Dana, 25 years.');
});

test('an e-mail has the subject of its rule, whatever its words are', async () => {
  const mail = await begin();
  await rosa({ birthday: '1976-11-24' });
  await rosa({ givenName: 'Ana', email: 'ana@example.com', birthday: '11-24' });
  await rule({ subject: 'To {{ first_name }}, {{ years | default: "on the" }} day' });
  const { key } = (await month()).find(({ name }) => name === 'Ana Lind')!;
  await call(changeGreeting, { body: { key, words: 'Dear Ana, the boats are in.' } });
  await due(true);
  await days(1);
  await evening();
  expect(
    mail.arrived.map((one) => [one.mail.subject, one.mail.text!.split('\n')[0]]).sort(),
  ).toEqual([
    ['To Ana, on the day', 'Dear Ana, the boats are in.'],
    ['To Rosa, 50 day', 'Dear Rosa, a good 50 to you.'],
  ]);
  expect(
    (
      await refusal(addRule, {
        body: { occasion: 'birthday', kind: 'email', subject: '{{ nobody }}' },
      })
    ).message,
  ).toContain('nobody');
});

test('some days before its date, where the rule says so', async () => {
  const mail = await begin();
  await rosa({ birthday: '12-01' });
  await rule({ leadDays: 3 });
  await days(4);
  expect(await month()).toMatchObject([{ on: '2026-12-01', state: 'out' }]);
  await days(1);
  await evening();
  expect(mail.arrived).toHaveLength(1);
});

test('a rule is refused that could not greet', async () => {
  const refused = async (change: object) =>
    (await refusal(addRule, { body: { occasion: 'birthday', kind: 'email', ...change } })).message;
  expect(await refused({ occasion: 'nothing' })).toBe('There is no such occasion.');
  expect(await refused({ occasion: '' })).toBe('Choose an occasion.');
  expect(await refused({ kind: 'card', way: 'auto' })).toBe(
    'Only e-mails and texts go by themselves; a card needs your hand.',
  );
  expect(await refused({ way: 'auto' })).toBe('What goes by itself needs words.');
  expect(await refused({ words: 'Hi {{ nobody }}' })).toContain('nobody');
  expect(await refused({ viewId: '0190a000-0000-7000-8000-000000000099' })).toBe(
    'This view is not there any more.',
  );
});
