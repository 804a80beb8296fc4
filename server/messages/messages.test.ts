import { readCarriers, saveMail, tryCarrier } from '@/contract/carriers';
import {
  changeMessage,
  getMessage,
  holdAll,
  listInbound,
  listSent,
  listOutbox,
  pollNow,
  moveMessage,
  startMessage,
  unsuppressAddress,
  writeMessage,
} from '@/contract/messages';
import { editPerson } from '@/contract/people';
import { saveSettings } from '@/contract/settings';
import { getDesk } from '@/contract/touches';
import { messagesSuite, NO, YES } from '@/testing/messages';

const {
  add,
  call,
  ctx,
  refusal,
  sheet,
  later,
  due,
  begin,
  rosa,
  sendAutomatically,
  evening,
  write,
  waitingWhy,
  fates,
} = messagesSuite();

test('a beat by itself goes out once, is in the story, and its answer is a touch', async () => {
  const { arrived } = await begin({
    outcome: () => ({ as: 'answered', words: 'The quince is out!' }),
  });
  await call(pollNow);
  const id = await rosa();
  await sendAutomatically([id]);
  expect((await call(listOutbox)).going).toMatchObject([
    { name: 'Rosa Lind', kind: 'email', state: 'ready', cadence: 'By itself' },
  ]);
  await evening();
  await due();
  expect(arrived).toHaveLength(1);
  expect(arrived[0]).toMatchObject({ to: ['rosa@example.com'] });
  expect(arrived[0]!.mail.text).toContain('How is the garden, Rosa?');
  const { messages } = await call(listSent);
  expect(messages).toMatchObject([
    { state: 'sent', outcome: '', subject: 'How is the garden, Rosa?' },
  ]);
  expect((await sheet(id)).touches).toMatchObject([{ kind: 'email', outcome: 'sent' }]);
  await call(pollNow);
  await call(pollNow);
  const after = await sheet(id);
  expect(after.touches.map(({ outcome }) => outcome)).toEqual(['reached', 'sent']);
  expect(after.events.map(({ words }) => words)).toEqual(
    expect.arrayContaining(['They wrote: The quince is out!']),
  );
  expect(await call(getMessage, { params: { id: messages[0]!.id } })).toMatchObject({
    outcome: 'answered',
    words: 'How is the garden, Rosa?',
    events: [{ kind: 'answered' }],
  });
});

test('what goes by itself takes none of the day’s room, and is not among what the owner made', async () => {
  const { arrived } = await begin();
  await call(saveSettings, { body: { capacity: 2, graceDays: 0 } });
  const circleId = '0190a000-0000-7000-8000-000000000001';
  for (const givenName of ['Ana', 'Bo']) await add({ givenName, phone: '555-0101', circleId });
  await sendAutomatically([await rosa(), await rosa({ givenName: 'Cy', email: 'cy@example.com' })]);
  await evening();
  expect(arrived.length).toBe(2);
  expect(await call(getDesk)).toMatchObject({ items: [{}, {}], made: [] });
});

describe('what keeps a message', () => {
  test('each has its reason, and goes once that is mended', async () => {
    const { arrived } = await begin();
    const ids = [
      await rosa({ givenName: 'Asks', consent: {} }),
      await rosa({ givenName: 'No', consent: NO }),
      await rosa({ givenName: 'Lost', email: '', phone: '555-0101' }),
      await rosa({ givenName: '', familyName: 'Bare', email: 'bare@example.com' }),
    ];
    await sendAutomatically(ids);
    await evening();
    expect(await waitingWhy()).toEqual([
      'Asks Lind: Not asked about e-mail yet.',
      'Bare: There is no first name to fill in.',
      'Lost Lind: No e-mail for Lost Lind.',
      'No Lind: They said no to e-mail.',
    ]);
    expect(arrived).toEqual([]);
    const edit = async (id: string, change: object) =>
      call(editPerson, {
        params: { id },
        body: { version: (await sheet(id)).version, ...change },
      });
    await edit(ids[0]!, { consent: YES });
    await edit(ids[2]!, { emails: [{ value: 'lost@example.com', label: '' }] });
    await edit(ids[3]!, { goesBy: 'Bee' });
    await due(true);
    expect(arrived.map(({ mail: { subject } }) => subject).sort()).toEqual([
      'How is the garden, Asks?',
      'How is the garden, Bee?',
      'How is the garden, Lost?',
    ]);
    expect(await waitingWhy()).toEqual(['No Lind: They said no to e-mail.']);
  });

  test('what nothing takes yet goes once a mail server is set up; after a week it does not', async () => {
    const id = await rosa();
    await sendAutomatically([id]);
    expect(await waitingWhy()).toEqual(['Rosa Lind: No mail server is set up.']);
    const { arrived } = await begin();
    await evening();
    expect(arrived).toHaveLength(1);
    expect(await waitingWhy()).toEqual([]);
  });

  test('a no that comes before it goes cancels it, and somebody archived is not written to', async () => {
    const { arrived } = await begin();
    const id = await rosa();
    await sendAutomatically([id]);
    await call(editPerson, {
      params: { id },
      body: { version: (await sheet(id)).version, consent: NO },
    });
    await evening();
    expect(arrived).toEqual([]);
    expect(await waitingWhy()).toEqual(['Rosa Lind: They said no to e-mail.']);
  });

  test('nobody is written to by itself at night where they live, nor on a day off', async () => {
    const { arrived } = await begin();
    const addresses = [{ line: '1 Pier', region: 'HI', country: 'USA' }];
    await sendAutomatically([await rosa({ addresses })]);
    const [message] = (await call(listOutbox)).going;
    // Half past nine in Honolulu is half past eleven in Port Ellery.
    expect(message!.sendAt! >= '2026-11-23T19:30').toBe(true);
    expect(message!.there).not.toBeNull();
    await call(saveSettings, { body: { daysOff: ['2026-11-23'] } });
    await evening();
    expect(arrived).toEqual([]);
    later(15);
    await due();
    later(9);
    await due();
    expect(arrived).toHaveLength(1);
  });
});

describe('what the owner writes', () => {
  test('goes at once to one person, is their touch, and settles what the desk wanted', async () => {
    const { arrived } = await begin();
    const id = await rosa();
    const { sentence } = await write(id);
    expect(sentence).toBe('The e-mail to Rosa Lind was sent');
    await due();
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
      await refusal(writeMessage, {
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
    expect(await refusal(writeMessage, { body })).toMatchObject({
      message: 'There is no field called “shoe”.',
    });
    expect((await call(startMessage, { body })).faults.map(({ field }) => field)).toEqual(['shoe']);
    expect(await fates()).toEqual([]);
  });

  test('from the desk it is sent once, whichever window presses', async () => {
    const { arrived } = await begin();
    const id = await rosa({ circleId: '0190a000-0000-7000-8000-000000000001' });
    await call(saveSettings, { body: { graceDays: 0 } });
    const [item] = (await call(getDesk)).items;
    const once = write(id, { itemKey: item!.key });
    const [first, second] = await Promise.allSettled([once, write(id, { itemKey: item!.key })]);
    expect([first.status, second.status].sort()).toEqual(['fulfilled', 'rejected']);
    await due();
    expect(arrived).toHaveLength(1);
    expect((await call(getDesk)).items).toEqual([]);
  });

  test('nothing that somebody writes breaks out of a header', async () => {
    const { arrived } = await begin();
    const id = await rosa({ givenName: 'Eve\r\nBcc: all@example.com' }).catch(() => rosa());
    await write(id, { subject: 'Hello\r\nBcc: all@example.com', words: 'x' });
    await due();
    expect(arrived[0]!.to).toEqual(['rosa@example.com']);
    expect(arrived[0]!.mail.headers.has('bcc')).toBe(false);
  });
});

describe('until the last moment', () => {
  test('a message is held, changed, let go, and cancelled; what has gone is gone', async () => {
    const { arrived } = await begin();
    await sendAutomatically([
      await rosa(),
      await rosa({ givenName: 'Bo', email: 'bo@example.com' }),
    ]);
    const [one, two] = (await call(listOutbox)).going;
    const move = (id: string, what: 'hold' | 'release' | 'cancel' | 'now') =>
      call(moveMessage, { params: { id }, body: { move: what } });
    await move(one!.id, 'hold');
    await move(two!.id, 'cancel');
    await evening();
    expect(arrived).toEqual([]);
    const { version } = await call(getMessage, { params: { id: one!.id } });
    const params = { id: one!.id };
    await call(changeMessage, { params, body: { subject: 'Tea', words: 'Tea?', version } });
    expect(
      await refusal(changeMessage, {
        params,
        body: { subject: 'Tea', words: 'Two?', version },
      }),
    ).toMatchObject({ code: 'conflict' });
    await move(one!.id, 'release');
    await due();
    expect(arrived.map(({ mail }) => mail.subject)).toEqual(['Tea']);
    expect(await refusal(moveMessage, { params, body: { move: 'cancel' } })).toMatchObject({
      message: 'It was sent already.',
    });
  });

  test('everything is held at once, and let go again', async () => {
    const { arrived } = await begin();
    await sendAutomatically([
      await rosa(),
      await rosa({ givenName: 'Bo', email: 'bo@example.com' }),
    ]);
    expect((await call(holdAll, { body: { hold: true } })).sentence).toBe('2 messages held back');
    await evening();
    expect(arrived).toEqual([]);
    await call(holdAll, { body: { hold: false } });
    await due();
    expect(arrived).toHaveLength(2);
  });
});

describe('what a mail server says', () => {
  test('one that is down, or greylists, is asked again later; in the end it is given up', async () => {
    let door: 'later' | 'open' = 'later';
    const { arrived } = await begin({ door: () => door });
    await write(await rosa());
    await due();
    const [message] = (await call(listOutbox)).going;
    expect(message!.why).toContain('Greylisted');
    door = 'open';
    later(0.1);
    await due();
    expect(arrived).toHaveLength(1);
    door = 'later';
    await write(await rosa({ givenName: 'Bo', email: 'bo@example.com' }));
    for (let i = 0; i < 8; i++) {
      await due();
      later(13);
    }
    expect(await waitingWhy()).toEqual([
      expect.stringMatching(
        /Bo Lind: It was due .* was not sent in time\. The mail server said: 451/,
      ),
    ]);
  });

  test('an address that nobody has is stopped, with a repair on the desk, until it is trusted again', async () => {
    await begin({ door: () => 'no_such_user' });
    const id = await rosa();
    await write(id);
    await due();
    expect(await waitingWhy()).toEqual([expect.stringContaining('No such user here')]);
    expect((await call(listInbound)).stopped).toMatchObject([{ address: 'rosa@example.com' }]);
    expect((await sheet(id)).planned).toMatchObject([{ kind: 'call', day: '2026-11-24' }]);
    const body = { personId: id, kind: 'email' as const, subject: '', words: 'Again' };
    expect((await refusal(writeMessage, { body })).message).toContain('rosa@example.com came back');
    await call(unsuppressAddress, { body: { address: 'rosa@example.com' } });
    await call(writeMessage, { body });
  });

  test('a line that breaks after the words have gone leaves doubt, and nothing is sent twice by itself', async () => {
    let drop = true;
    const { arrived } = await begin({ door: () => (drop ? 'drop_after_data' : 'open') });
    const id = await rosa();
    await write(id);
    await due();
    await evening();
    expect(arrived).toEqual([]);
    expect((await waitingWhy())[0]).toContain('It may have arrived.');
    const [held] = (await call(listOutbox)).waiting;
    expect((await sheet(id)).touches).toEqual([]);
    drop = false;
    await call(moveMessage, { params: { id: held!.id }, body: { move: 'again' } });
    await due();
    expect(arrived).toHaveLength(1);
    // Or the owner knows that it has arrived: then it is a touch like any other.
    drop = true;
    await write(id);
    const [doubtful] = (await call(listOutbox)).waiting;
    await call(moveMessage, { params: { id: doubtful!.id }, body: { move: 'went' } });
    expect((await sheet(id)).touches.map(({ outcome }) => outcome)).toEqual(['sent', 'sent']);
    expect(await waitingWhy()).toEqual([]);
  });

  test('what a sending that was broken off left behind is in doubt, and told', async () => {
    const { arrived } = await begin();
    const { id } = await write(await rosa());
    await ctx().db.query(`update delivery set state = 'sending', sent_at = null where id = $1`, [
      id,
    ]);
    await ctx().db.query(
      `update task set run_at = now() - interval '1 day', state = 'ready' where kind = 'outbox'`,
    );
    later(1);
    await due(true);
    expect(arrived.length).toBe(1);
    expect((await waitingWhy())[0]).toContain('It may have arrived.');
  });

  test('a wrong password is told when it is tried, and no password leaves again', async () => {
    const { smtpPort } = await begin();
    const { mail: kept } = await call(readCarriers);
    expect(JSON.stringify(kept)).not.toContain('harbor');
    expect(await call(tryCarrier, { params: { kind: 'mail' } })).toMatchObject({ works: true });
    await call(saveMail, {
      body: { setup: { ...kept!.setup, port: smtpPort }, secret: 'wrong' },
    });
    expect(await call(tryCarrier, { params: { kind: 'mail' } })).toEqual({
      works: false,
      outcome: 'The mail server does not take the user or the password.',
    });
  });
});
