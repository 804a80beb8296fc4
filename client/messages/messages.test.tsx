import { SelectionProvider, useSelection } from '@/client/people';
import { Button } from '@/client/ui';
import { checkDomain, readCarriers, saveMail, tryCarrier } from '@/contract/carriers';
import { countForPost } from '@/contract/enrolments';
import {
  changeMessage,
  getMessage,
  holdAll,
  listInbound,
  listSent,
  listResults,
  listOutbox,
  moveMessage,
  placeIncoming,
  previewMany,
  startMessage,
  unsuppressAddress,
  writeMany,
  writeMessage,
  type Incoming,
  type Message,
} from '@/contract/messages';
import { getPerson } from '@/contract/people';
import { getSettings } from '@/contract/settings';
import { at, gone } from '@/testing/router';
import * as sample from '@/testing/samples';
import { fakeServer, press, refusal, screen, show, type, waitFor } from '@/testing/screen';

import { BackScreen } from './back-screen';
import { CarriersScreen } from './carriers-screen';
import { GoneScreen } from './gone-screen';
import { MessageScreen } from './message-screen';
import { OutScreen } from './out-screen';
import { WriteManyScreen } from './write-many-screen';
import { WriteScreen } from './write-screen';

const TOLD = {
  actionId: '0190a000-0000-7000-8000-000000000063' as never,
  sentence: 'Done',
  topics: [],
};
const out = (change: Parameters<typeof sample.out>[0] = {}) =>
  fakeServer()
    .answer(listOutbox, sample.out(change))
    .answer(countForPost, { total: 2 })
    .answer(moveMessage, TOLD)
    .answer(holdAll, TOLD);

describe('what goes out', () => {
  test('who waits and why stands before what goes, with the way to remedy it', async () => {
    const held = sample.message({
      id: sample.id(71),
      name: 'Ana Vance',
      state: 'held',
      remedy: 'address',
      why: 'ana@example.com came back: no such mailbox',
    });
    const server = out({ waiting: [held], going: [sample.message()] });
    show(<OutScreen />);
    await screen.findByRole('heading', { name: 'One goes out today, one waits for you' });
    await screen.findByText(/^2 cards or letters that should go by themselves wait for the post/);
    expect(
      screen.getByText(
        'E-mail “Half a year on”, of Quarterly. ana@example.com came back: no such mailbox',
      ),
    ).toBeTruthy();
    expect(screen.getByText('10:10 AM')).toBeTruthy();
    expect(screen.getByText('Another address').closest('[href]')!.getAttribute('href')).toBe(
      `/people/${held.personId}`,
    );
    await press('Leave it out: Ana Vance');
    await waitFor(() => expect(server.sent(moveMessage)).toEqual([{ move: 'cancel' }]));
    await press('Hold all');
    await waitFor(() => expect(server.sent(holdAll)).toEqual([{ hold: true }]));
  });

  test.each([
    ['release', 'Let it go'],
    ['unclear', 'It arrived'],
    ['again', 'Try again'],
  ] as const)('what is held for %s offers “%s”', async (remedy, label) => {
    out({ waiting: [sample.message({ state: 'held', remedy, why: 'You held it back.' })] });
    show(<OutScreen />);
    await screen.findByRole('button', { name: `${label}: Bo Birch` });
  });

  test('many that wait for one reason stand together, and are left out together', async () => {
    const waiting = [1, 2, 3, 4].map((n) =>
      sample.message({
        id: sample.id(200 + n),
        name: `Person ${n}`,
        state: 'held',
        remedy: 'consent',
        why: 'Not asked about e-mail yet.',
      }),
    );
    const server = out({ waiting });
    show(<OutScreen />);
    await screen.findByText('4 e-mails');
    expect(screen.queryByRole('button', { name: 'Leave it out: Person 1' })).toBeNull();
    await press('Each by name');
    await screen.findByRole('button', { name: 'Leave it out: Person 1' });
    await press('Leave all out: 4 e-mails');
    await waitFor(() => expect(server.sent(moveMessage)).toHaveLength(4));
  });

  test('an hour that is another where they live is said; another day as well', async () => {
    out({
      going: [sample.message({ there: '21:10', sendAt: '2026-11-25T18:10:00.000Z' })],
      goingToday: 0,
    });
    show(<OutScreen />);
    await screen.findByRole('heading', { name: 'Nothing goes out today' });
    expect(screen.getByText('Nov 25, 10:10 AM; 21:10 there')).toBeTruthy();
  });

  test('without anything that takes messages it says where that is set up', async () => {
    out({ carriers: { email: false, text: true } });
    show(<OutScreen />);
    const link = await screen.findByText('Set it up under Carriers');
    expect(link.closest('[href]')!.getAttribute('href')).toBe('/out/carriers');
  });
});

test('what has gone shows what came of it, and earlier pages', async () => {
  const messages = Array.from({ length: 50 }, (_, i) =>
    sample.message({
      id: sample.id(100 + i),
      state: 'sent',
      sentAt: '2026-11-20T18:10:00.000Z',
      outcome: i === 0 ? 'bounced' : 'answered',
    } as Partial<Message>),
  );
  const server = fakeServer().answer(listSent, { timeZone: 'America/Los_Angeles', messages });
  show(<GoneScreen />);
  await screen.findByText('came back');
  expect(screen.getAllByText('answered')).toHaveLength(49);
  await press('Earlier ones');
  await waitFor(() =>
    expect(server.asked.map(({ path }) => path).join()).toContain(`after=${sample.id(149)}`),
  );
});

const RESULTS = [
  sample.result({
    cadence: 'Quarterly',
    beat: 2,
    template: 'A line',
    sent: 40,
    answered: 10,
    bounced: 1,
  }),
  sample.result({ kind: 'text', sent: 3, answered: 2 }),
];

describe('what came back', () => {
  const came = (change: Partial<Incoming> = {}): Incoming => ({
    id: sample.id(80),
    kind: 'email',
    from: 'unknown@example.com',
    fromName: '',
    subject: 'Re: Half a year on',
    words: 'The quince is out!',
    at: '2026-11-23T18:10:00.000Z',
    verdict: 'answer',
    personId: null,
    name: '',
    ...change,
  });
  const back = (change: object = {}) =>
    fakeServer()
      .answer(listResults, { results: RESULTS })
      .answer(listInbound, {
        timeZone: 'America/Los_Angeles',
        unknown: [],
        incoming: [],
        stopped: [],
        ...change,
      })
      .answer(placeIncoming, TOLD)
      .answer(unsuppressAddress, TOLD);

  test('whoever nobody knows is added in one press', async () => {
    const server = back({ unknown: [came()] });
    show(<BackScreen />);
    await screen.findByRole('heading', { name: 'One answer has no sender that you know' });
    await press('Add unknown@example.com');
    await waitFor(() =>
      expect(server.sent(placeIncoming)).toEqual([{ as: 'new', personId: null }]),
    );
  });

  test('an automatic answer says so; an address that came back is trusted again', async () => {
    const server = back({
      incoming: [came({ personId: sample.id(2), name: 'Bo Birch', verdict: 'automatic' })],
      stopped: [
        {
          address: 'ana@example.com',
          at: '2026-11-20T18:10:00Z',
          why: 'no such mailbox',
          personId: null,
          name: '',
        },
      ],
    });
    show(<BackScreen />);
    await screen.findByText('An automatic answer');
    // Of few no share is worked out.
    await screen.findByText('10 answered (25 %), 1 came back (3 %)');
    expect(screen.getByText('2 answered')).toBeTruthy();
    await press('ana@example.com works again');
    await waitFor(() =>
      expect(server.sent(unsuppressAddress)).toEqual([{ address: 'ana@example.com' }]),
    );
  });
});

describe('one message', () => {
  const whole = (change: object = {}) => ({
    ...sample.message(),
    timeZone: 'America/Los_Angeles',
    words: 'How are you?',
    html: '',
    page: '',
    files: [],
    events: [],
    ...change,
  });

  test('as long as it has not gone its words can be changed', async () => {
    at({ id: sample.id(70) });
    const server = out().answer(getMessage, whole()).answer(changeMessage, TOLD);
    show(<MessageScreen />);
    await screen.findByDisplayValue('How are you?');
    await type('Words', 'And you?');
    await press('Keep the words');
    await waitFor(() =>
      expect(server.sent(changeMessage)).toEqual([
        { subject: 'Half a year on', words: 'And you?', html: '', version: 1 },
      ]),
    );
  });

  test('once it has gone the exact words and every report stand there', async () => {
    at({ id: sample.id(70) });
    out().answer(
      getMessage,
      whole({
        state: 'sent',
        outcome: 'answered',
        sentAt: '2026-11-23T18:10:00.000Z',
        events: [
          {
            id: sample.id(81),
            kind: 'bounced_soft',
            at: '2026-11-23T19:00:00.000Z',
            detail: 'Mailbox full',
          },
        ],
      }),
    );
    show(<MessageScreen />);
    await screen.findByText(/^Handed over on Nov 23, 2026, 10:10.AM; answered\.$/);
    expect(screen.getByText('Came back for now')).toBeTruthy();
    await press('Write it again');
    expect(gone.at(-1)).toContain(`like=${sample.id(70)}`);
  });
});

describe('writing to one person', () => {
  const started = (change: object = {}) => ({
    subject: 'Tea?',
    words: 'Tea, Teodora?',
    page: '',
    addresses: ['t@example.com'],
    why: '',
    faults: [],
    sendAt: null,
    there: null,
    ...change,
  });
  const open = async (answer = started(), kind = 'email') => {
    at({ person: sample.id(1), kind });
    const server = fakeServer()
      .answer(getPerson, sample.sheet())
      .answer(startMessage, answer)
      .answer(writeMessage, { ...TOLD, id: sample.id(70) });
    show(<WriteScreen />);
    await screen.findByLabelText('Words');
    return server;
  };

  test('it is seen as it will be read, and sent', async () => {
    const server = await open();
    await type('Words', 'Tea, {{{{ first_name }}?');
    await screen.findByText('Tea, Teodora?');
    await press('Send it');
    await waitFor(() =>
      expect(server.sent(writeMessage)).toMatchObject([
        { kind: 'email', subject: '', itemKey: null },
      ]),
    );
  });

  test('what can’t be filled in is named, and nothing is sent', async () => {
    await open(
      started({ faults: [{ field: 'company', sentence: 'There is no company to fill in.' }] }),
    );
    await type('Words', 'At {{{{ company }}');
    await screen.findByText('There is no company to fill in.');
    expect(screen.getByRole('button', { name: 'Send it' }).getAttribute('aria-disabled')).toBe(
      'true',
    );
  });

  test('a text is counted as it is typed, and long signs are written plainly', async () => {
    await open(started({ words: '' }), 'text');
    await type('Words', 'It’s time');
    await screen.findByText(/needs the long alphabet/);
    await press('Write it plainly');
    expect(screen.getByLabelText('Words')).toHaveProperty('value', "It's time");
  });

  test('a refusal is told there, and what was written stays', async () => {
    const server = await open();
    server.reply(writeMessage, refusal('They said no to e-mail.', { code: 'invalid' }));
    await type('Words', 'Tea?');
    await press('Send it');
    await screen.findByText('They said no to e-mail.');
    expect(screen.getByLabelText('Words')).toHaveProperty('value', 'Tea?');
  });
});

test('the same words to many: who gets them, the odd ones first, and who is left out and why', async () => {
  const server = fakeServer()
    .answer(previewMany, {
      people: 4,
      canGet: 3,
      readers: [
        { personId: sample.id(1), name: 'Marsh', odd: 'no first name' },
        { personId: sample.id(2), name: 'Bo Birch', odd: null },
      ],
      leftOutCount: 1,
      leftOut: [{ personId: sample.id(3), name: 'Wen Ito', why: 'They said no to e-mail.' }],
    })
    .answer(startMessage, {
      subject: 'Tea',
      words: 'Tea, there?',
      page: '',
      addresses: ['m@example.com'],
      why: '',
      faults: [],
      sendAt: null,
      there: null,
    })
    .answer(writeMany, { ...TOLD, batchId: sample.id(98), people: 3, leftOut: 1 });
  show(
    <SelectionProvider>
      <Chosen />
    </SelectionProvider>,
  );
  await press('choose');
  await type('Words', 'Tea?');
  await screen.findByText('3 of 4 can get it.');
  await screen.findByRole('heading', { name: 'Marsh, no first name' });
  await press('1 person left out');
  await screen.findByText('They said no to e-mail.');
  await press('The next reader');
  await screen.findByRole('heading', { name: 'Bo Birch' });
  await press('Send to 3 people');
  await waitFor(() =>
    expect(server.sent(writeMany)).toMatchObject([{ words: 'Tea?', kind: 'email' }]),
  );
});

function Chosen() {
  const { selection, setSelection } = useSelection();
  return selection ? (
    <WriteManyScreen />
  ) : (
    <Button label="choose" onPress={() => setSelection({ who: { filter: {} }, people: 4 })} />
  );
}

test('a mail server is tried, e-mails are signed, and the domain is looked at', async () => {
  const setup = {
    host: 'mail.example.net',
    port: 587,
    security: 'starttls' as const,
    user: 'marisol',
    fromAddress: 'marisol@example.com',
    fromName: 'Marisol Quane',
    resolver: '',
    perMinute: 20,
    perDay: 400,
  };
  const carriers = { mail: { setup, hasSecret: true }, mailbox: null, texts: null };
  const server = fakeServer()
    .answer(readCarriers, { ...carriers, signing: null })
    .answer(getSettings, sample.settings())
    .answer(tryCarrier, { works: false, outcome: 'Nothing answers at the mail server’s address.' })
    .answer(checkDomain, {
      domain: 'example.com',
      judged: [{ what: 'SPF', name: 'example.com', ok: false, sentence: 'No SPF record.' }],
    });
  show(<CarriersScreen />);
  await press('Send me an e-mail');
  await screen.findByText('Nothing answers at the mail server’s address.');
  await press('Look at my domain');
  await screen.findByText('No SPF record.');
  await type('Password', 'secret');
  await press('Keep the mail server');
  await waitFor(() => expect(server.sent(saveMail)).toEqual([{ setup, secret: 'secret' }]));
});
