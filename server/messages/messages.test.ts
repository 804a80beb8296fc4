import { createCadence } from '@/contract/cadences';
import { enrol } from '@/contract/enrolments';
import { readCarriers, saveMail, tryCarrier } from '@/contract/carriers';
import {
  changeMessage,
  getMessage,
  holdAll,
  listBack,
  listGone,
  listOut,
  lookNow,
  moveMessage,
  placeIncoming,
  startMessage,
  trustAddress,
  writeMessage,
} from '@/contract/messages';
import { editPerson } from '@/contract/people';
import { saveSettings } from '@/contract/settings';
import { getDesk } from '@/contract/touches';
import { runDue } from '@/server/tasks';
import type { MailStandIn, Rules } from '@/standins';
import { startTestApi, type TestApi } from '@/testing/api';
import { beat } from '@/testing/cadences';
import { withMail } from '@/testing/carriers';
import { sphereOf } from '@/testing/sphere';

const YES = { email: { answer: 'yes' as const, on: '2026-05-04', cameFrom: 'at the fair' } };

let api: TestApi;
let mail: MailStandIn | null;
beforeEach(async () => {
  mail = null;
  shift = 0;
  // Half past eight on November 23 in Port Ellery.
  const start = Date.parse('2026-11-23T16:30:00Z');
  const began = performance.now();
  api = await startTestApi({ now: () => start + shift + Math.floor(performance.now() - began) });
});
afterEach(async () => {
  await mail?.close();
  await api.close();
});
let shift: number;
const later = (hours: number) => (shift += hours * 3_600_000);
const { add, sheet } = sphereOf(() => api);

const rosa = (change: object = {}) =>
  add({
    givenName: 'Rosa',
    familyName: 'Lind',
    email: 'rosa@example.com',
    consent: YES,
    ...change,
  });

/** A beat that goes out by itself today, and whoever is on it. */
async function byItself(ids: readonly string[], words = 'How is the garden, {{ first_name }}?') {
  const { id } = await api.call(createCadence, {
    body: {
      name: 'By itself',
      rounds: 1,
      gapDays: 0,
      beats: [beat(0, 'email', words, { way: 'auto' })],
    },
  });
  await api.call(enrol, {
    body: { cadenceId: id, who: { ids: [...ids] }, startOn: '2026-11-23', leaveOut: [] },
  });
  await runDue(api.ctx);
}
/** So late that what goes today has gone. */
async function evening() {
  later(9);
  await runDue(api.ctx);
}

const begin = async (rules: Rules = {}) => (mail = await withMail(api, rules));

test('a beat by itself goes out once, is in the story, and its answer is a touch', async () => {
  const { arrived } = await begin({
    fate: () => ({ as: 'answered', words: 'The quince is out!' }),
  });
  await api.call(lookNow);
  const id = await rosa();
  await byItself([id]);
  expect((await api.call(listOut)).going).toMatchObject([
    { name: 'Rosa Lind', kind: 'email', state: 'ready', cadence: 'By itself' },
  ]);
  await evening();
  await runDue(api.ctx);
  expect(arrived).toHaveLength(1);
  expect(arrived[0]).toMatchObject({ to: ['rosa@example.com'] });
  expect(arrived[0]!.mail.text).toContain('How is the garden, Rosa?');
  const { messages } = await api.call(listGone);
  expect(messages).toMatchObject([
    { state: 'gone', fate: '', subject: 'How is the garden, Rosa?' },
  ]);
  expect((await sheet(id)).touches).toMatchObject([{ kind: 'email', outcome: 'sent' }]);
  await api.call(lookNow);
  await api.call(lookNow);
  const after = await sheet(id);
  expect(after.touches.map(({ outcome }) => outcome)).toEqual(['reached', 'sent']);
  expect(after.events.map(({ words }) => words)).toEqual(
    expect.arrayContaining(['They wrote: The quince is out!']),
  );
  expect(await api.call(getMessage, { params: { id: messages[0]!.id } })).toMatchObject({
    fate: 'answered',
    words: 'How is the garden, Rosa?',
    events: [{ kind: 'answered' }],
  });
});

const waitingWhy = async () =>
  (await api.call(listOut)).waiting.map(({ name, why }) => `${name}: ${why}`).sort();
const fates = async () => (await api.call(listGone)).messages.map(({ fate }) => fate);
const write = (personId: string, change: object = {}) =>
  api.call(writeMessage, {
    body: {
      personId,
      kind: 'email',
      subject: '',
      words: 'Tea on Friday, {{ first_name }}?',
      ...change,
    },
  });

describe('what keeps a message', () => {
  test('each has its reason, and goes once that is mended', async () => {
    const { arrived } = await begin();
    const no = { email: { ...YES.email, answer: 'no' as const } };
    const ids = [
      await rosa({ givenName: 'Asks', consent: {} }),
      await rosa({ givenName: 'No', consent: no }),
      await rosa({ givenName: 'Lost', email: '', phone: '555-0101' }),
      await rosa({ givenName: '', familyName: 'Bare', email: 'bare@example.com' }),
    ];
    await byItself(ids);
    await evening();
    expect(await waitingWhy()).toEqual([
      'Asks Lind: Not asked about e-mail yet.',
      'Bare: There is no first name to fill in.',
      'Lost Lind: No e-mail for Lost Lind.',
      'No Lind: They said no to e-mail.',
    ]);
    expect(arrived).toEqual([]);
    const edit = async (id: string, change: object) =>
      api.call(editPerson, {
        params: { id },
        body: { version: (await sheet(id)).version, ...change },
      });
    await edit(ids[0]!, { consent: YES });
    await edit(ids[2]!, { emails: [{ value: 'lost@example.com', label: '' }] });
    await edit(ids[3]!, { goesBy: 'Bee' });
    await runDue(api.ctx, { again: true });
    expect(arrived.map(({ mail: { subject } }) => subject).sort()).toEqual([
      'How is the garden, Asks?',
      'How is the garden, Bee?',
      'How is the garden, Lost?',
    ]);
    expect(await waitingWhy()).toEqual(['No Lind: They said no to e-mail.']);
  });

  test('what nothing takes yet goes once a mail server is set up; after a week it does not', async () => {
    const id = await rosa();
    await byItself([id]);
    expect(await waitingWhy()).toEqual(['Rosa Lind: No mail server is set up.']);
    const { arrived } = await begin();
    await evening();
    expect(arrived).toHaveLength(1);
    expect(await waitingWhy()).toEqual([]);
  });

  test('a no that comes before it goes cancels it, and somebody archived is not written to', async () => {
    const { arrived } = await begin();
    const id = await rosa();
    await byItself([id]);
    const no = { email: { ...YES.email, answer: 'no' as const } };
    await api.call(editPerson, {
      params: { id },
      body: { version: (await sheet(id)).version, consent: no },
    });
    await evening();
    expect(arrived).toEqual([]);
    expect(await waitingWhy()).toEqual(['Rosa Lind: They said no to e-mail.']);
  });

  test('nobody is written to by itself at night where they live, nor on a day off', async () => {
    const { arrived } = await begin();
    const addresses = [{ line: '1 Pier', region: 'HI', country: 'USA' }];
    await byItself([await rosa({ addresses })]);
    const [message] = (await api.call(listOut)).going;
    // Half past nine in Honolulu is half past eleven in Port Ellery.
    expect(message!.goAt! >= '2026-11-23T19:30').toBe(true);
    expect(message!.there).not.toBeNull();
    await api.call(saveSettings, { body: { daysOff: ['2026-11-23'] } });
    await evening();
    expect(arrived).toEqual([]);
    later(15);
    await runDue(api.ctx);
    later(9);
    await runDue(api.ctx);
    expect(arrived).toHaveLength(1);
  });
});

describe('what the owner writes', () => {
  test('goes at once to one person, is their touch, and settles what the desk wanted', async () => {
    const { arrived } = await begin();
    const id = await rosa();
    const { sentence } = await write(id);
    expect(sentence).toBe('The e-mail to Rosa Lind goes now');
    await runDue(api.ctx);
    expect(arrived.map(({ mail: { subject, text } }) => [subject, text])).toEqual([
      ['Tea on Friday, Rosa?', 'Tea on Friday, Rosa?'],
    ]);
    // A letter from one to one has no footer and no list to be taken off.
    expect(arrived[0]!.raw.toString()).not.toMatch(/List-Unsubscribe|No more e-mail/);
    expect((await sheet(id)).touches).toMatchObject([{ kind: 'email', outcome: 'sent' }]);
  });

  test('what can’t be filled in, or against a no, is refused with its reason', async () => {
    await begin();
    const id = await rosa({ consent: { email: { ...YES.email, answer: 'no' } } });
    expect(
      await api.refusal(writeMessage, {
        body: { personId: id, kind: 'email', subject: '', words: 'Hi' },
      }),
    ).toMatchObject({
      message: 'They said no to e-mail.',
    });
    const bo = await rosa({ givenName: 'Bo', company: '' });
    const body = {
      personId: bo,
      kind: 'email' as const,
      subject: '',
      words: 'At {{ company }} and {{ shoe }}',
    };
    expect(await api.refusal(writeMessage, { body })).toMatchObject({
      message: 'There is no field called “shoe”.',
    });
    expect((await api.call(startMessage, { body })).faults.map(({ field }) => field)).toEqual([
      'shoe',
    ]);
    expect(await fates()).toEqual([]);
  });

  test('from the desk it is sent once, whichever window presses', async () => {
    const { arrived } = await begin();
    const id = await rosa({ circleId: '0190a000-0000-7000-8000-000000000001' });
    await api.call(saveSettings, { body: { graceDays: 0 } });
    const [item] = (await api.call(getDesk)).items;
    const once = write(id, { itemKey: item!.key });
    const [first, second] = await Promise.allSettled([once, write(id, { itemKey: item!.key })]);
    expect([first.status, second.status].sort()).toEqual(['fulfilled', 'rejected']);
    await runDue(api.ctx);
    expect(arrived).toHaveLength(1);
    expect((await api.call(getDesk)).items).toEqual([]);
  });

  test('nothing that somebody writes breaks out of a header', async () => {
    const { arrived } = await begin();
    const id = await rosa({ givenName: 'Eve\r\nBcc: all@example.com' }).catch(() => rosa());
    await write(id, { subject: 'Hello\r\nBcc: all@example.com', words: 'x' });
    await runDue(api.ctx);
    expect(arrived[0]!.to).toEqual(['rosa@example.com']);
    expect(arrived[0]!.mail.headers.has('bcc')).toBe(false);
  });
});

describe('until the last moment', () => {
  test('a message is held, changed, let go, and cancelled; what has gone is gone', async () => {
    const { arrived } = await begin();
    await byItself([await rosa(), await rosa({ givenName: 'Bo', email: 'bo@example.com' })]);
    const [one, two] = (await api.call(listOut)).going;
    const move = (id: string, what: 'hold' | 'release' | 'cancel' | 'now') =>
      api.call(moveMessage, { params: { id }, body: { move: what } });
    await move(one!.id, 'hold');
    await move(two!.id, 'cancel');
    await evening();
    expect(arrived).toEqual([]);
    const { version } = await api.call(getMessage, { params: { id: one!.id } });
    const params = { id: one!.id };
    await api.call(changeMessage, { params, body: { subject: 'Tea', words: 'Tea?', version } });
    expect(
      await api.refusal(changeMessage, {
        params,
        body: { subject: 'Tea', words: 'Two?', version },
      }),
    ).toMatchObject({ code: 'conflict' });
    await move(one!.id, 'release');
    await runDue(api.ctx);
    expect(arrived.map(({ mail }) => mail.subject)).toEqual(['Tea']);
    expect(await api.refusal(moveMessage, { params, body: { move: 'cancel' } })).toMatchObject({
      message: 'It has gone already.',
    });
  });

  test('everything is held at once, and let go again', async () => {
    const { arrived } = await begin();
    await byItself([await rosa(), await rosa({ givenName: 'Bo', email: 'bo@example.com' })]);
    expect((await api.call(holdAll, { body: { hold: true } })).sentence).toBe(
      '2 messages held back',
    );
    await evening();
    expect(arrived).toEqual([]);
    await api.call(holdAll, { body: { hold: false } });
    await runDue(api.ctx);
    expect(arrived).toHaveLength(2);
  });
});

describe('what a mail server says', () => {
  test('one that is down, or greylists, is asked again later; in the end it is given up', async () => {
    let door: 'later' | 'open' = 'later';
    const { arrived } = await begin({ door: () => door });
    await write(await rosa());
    await runDue(api.ctx);
    const [message] = (await api.call(listOut)).going;
    expect(message!.why).toContain('Greylisted');
    door = 'open';
    later(0.1);
    await runDue(api.ctx);
    expect(arrived).toHaveLength(1);
    door = 'later';
    await write(await rosa({ givenName: 'Bo', email: 'bo@example.com' }));
    for (let i = 0; i < 8; i++) {
      await runDue(api.ctx);
      later(13);
    }
    expect(await waitingWhy()).toEqual([
      expect.stringContaining('Bo Lind: The mail server said: 451'),
    ]);
  });

  test('an address that nobody has is stopped, with a repair on the desk, until it is trusted again', async () => {
    await begin({ door: () => 'no_such_user' });
    const id = await rosa();
    await write(id);
    await runDue(api.ctx);
    expect(await waitingWhy()).toEqual([expect.stringContaining('No such user here')]);
    expect((await api.call(listBack)).stopped).toMatchObject([{ address: 'rosa@example.com' }]);
    expect((await sheet(id)).planned).toMatchObject([{ kind: 'call', day: '2026-11-24' }]);
    const body = { personId: id, kind: 'email' as const, subject: '', words: 'Again' };
    expect((await api.refusal(writeMessage, { body })).message).toContain(
      'rosa@example.com came back',
    );
    await api.call(trustAddress, { body: { address: 'rosa@example.com' } });
    await api.call(writeMessage, { body });
  });

  test('a line that breaks after the words have gone leaves doubt, and nothing is sent twice by itself', async () => {
    let drop = true;
    const { arrived } = await begin({ door: () => (drop ? 'drop_after_data' : 'open') });
    await write(await rosa());
    await runDue(api.ctx);
    await evening();
    expect(arrived).toEqual([]);
    expect((await waitingWhy())[0]).toContain('It may have arrived.');
    drop = false;
    const [held] = (await api.call(listOut)).waiting;
    await api.call(moveMessage, { params: { id: held!.id }, body: { move: 'again' } });
    await runDue(api.ctx);
    expect(arrived).toHaveLength(1);
  });

  test('a wrong password is told when it is tried, and no password leaves again', async () => {
    const { smtpPort } = await begin();
    const { mail: kept } = await api.call(readCarriers);
    expect(JSON.stringify(kept)).not.toContain('harbor');
    expect(await api.call(tryCarrier, { params: { kind: 'mail' } })).toMatchObject({ works: true });
    await api.call(saveMail, {
      body: { setup: { ...kept!.setup, port: smtpPort }, secret: 'wrong' },
    });
    expect(await api.call(tryCarrier, { params: { kind: 'mail' } })).toEqual({
      works: false,
      sentence: 'The mail server does not take the user or the password.',
    });
  });
});

describe('what comes back', () => {
  test('a hard bounce stops the address; a soft one only tells; the same report counts once', async () => {
    const { mailbox } = await begin({
      fate: ({ to }) => ({ as: 'bounced', hard: to.startsWith('rosa') }),
    });
    await api.call(lookNow);
    const rosas = await rosa();
    await write(rosas);
    await write(await rosa({ givenName: 'Bo', email: 'bo@example.com' }));
    await runDue(api.ctx);
    await api.call(lookNow);
    mailbox.mails.push(...mailbox.mails.map(({ bytes }, i) => ({ id: `again ${i}`, bytes })));
    await api.call(lookNow);
    expect(await fates()).toEqual(['bounced', 'bounced']);
    expect((await api.call(listBack)).stopped).toMatchObject([{ address: 'rosa@example.com' }]);
    expect((await sheet(rosas)).planned.filter(({ kind }) => kind === 'call')).toHaveLength(1);
  });

  test('an automatic answer is no touch', async () => {
    await begin({ fate: () => ({ as: 'away', words: 'Back on Monday.' }) });
    await api.call(lookNow);
    const id = await rosa();
    await write(id);
    await runDue(api.ctx);
    await api.call(lookNow);
    expect((await sheet(id)).touches.map(({ outcome }) => outcome)).toEqual(['sent']);
    expect((await api.call(listBack)).incoming).toMatchObject([{ verdict: 'automatic' }]);
  });

  test.each(['complained', 'unwanted'] as const)(
    '“%s” is their no, and cancels what waits',
    async (as) => {
      const { arrived } = await begin({ fate: () => ({ as }) });
      await api.call(lookNow);
      const id = await rosa();
      await byItself([id]);
      await evening();
      expect(arrived).toHaveLength(1);
      await byItself([id], 'And the pond?');
      await api.call(lookNow);
      expect((await sheet(id)).fields.consent.email).toMatchObject({
        answer: 'no',
        on: '2026-11-23',
      });
      expect((await api.call(listOut)).goingTotal).toBe(0);
      await evening();
      expect(arrived).toHaveLength(1);
    },
  );

  test('somebody unknown waits until it is said who it is', async () => {
    const { mailbox } = await begin();
    await api.call(lookNow);
    mailbox.mails.push({
      id: 'x',
      bytes: Buffer.from(
        'From: Wen Ito <wen@example.net>\r\nSubject: Hello\r\nDate: Mon, 23 Nov 2026 10:00:00 -0800\r\n\r\nIs the loan still on?\r\n',
      ),
    });
    await api.call(lookNow);
    const [unknown] = (await api.call(listBack)).unknown;
    expect(unknown).toMatchObject({
      from: 'wen@example.net',
      fromName: 'Wen Ito',
      words: 'Is the loan still on?',
    });
    await api.call(placeIncoming, { params: { id: unknown!.id }, body: { as: 'new' } });
    const [known] = (await api.call(listBack)).incoming;
    expect(known).toMatchObject({ name: 'Wen Ito' });
    expect((await sheet(known!.personId!)).touches).toMatchObject([
      { kind: 'email', outcome: 'reached' },
    ]);
  });

  test.each([
    ['nothing', ''],
    ['noise', Buffer.from([255, 254, 13, 10, 0]).toString('latin1')],
    [
      'a report of an unknown message',
      'From: MAILER-DAEMON@x\r\nContent-Type: multipart/report; report-type=delivery-status; boundary=b\r\n\r\n--b\r\nContent-Type: message/delivery-status\r\n\r\nReporting-MTA: dns; x\r\n\r\nFinal-Recipient: rfc822; a@example.com\r\nAction: failed\r\nStatus: 5.1.1\r\n\r\n--b--\r\n',
    ],
  ])('%s in the mailbox does no harm, and the next mail is read', async (_, text) => {
    const { mailbox } = await begin();
    await api.call(lookNow);
    mailbox.mails.push({ id: 'x', bytes: Buffer.from(text, 'latin1') });
    mailbox.mails.push({ id: 'y', bytes: Buffer.from('From: a@example.com\r\n\r\nhi') });
    await api.call(lookNow);
    expect((await api.call(listBack)).unknown).toMatchObject([{ from: 'a@example.com' }]);
    expect((await api.call(listBack)).stopped).toEqual([]);
  });
});
