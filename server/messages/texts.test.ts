import { createCadence } from '@/contract/cadences';
import { enrol } from '@/contract/enrolments';
import {
  listInbound,
  listOutbox,
  listSent,
  moveMessage,
  pollNow,
  writeMessage,
} from '@/contract/messages';
import { getDesk } from '@/contract/touches';
import { beat } from '@/testing/cadences';
import { withTexts } from '@/testing/carriers';
import { messagesSuite } from '@/testing/messages';

const suite = messagesSuite();
const { call, sheet, add, due, later } = suite;
let gateway: Awaited<ReturnType<typeof withTexts>>;
afterEach(() => gateway.close());

const ana = (change: object = {}) =>
  add({ givenName: 'Ana', familyName: 'Vance', phone: '(503) 555-0142', ...change });
const text = (personId: string, words = 'Coffee next week?') =>
  call(writeMessage, { body: { personId, kind: 'text', subject: '', words } });
const begin = async (...args: [Parameters<typeof withTexts>[1]?, boolean?]) =>
  (gateway = await withTexts(suite.api(), ...args));

test('a text goes once, is delivered, and its answer is a touch', async () => {
  const { taken } = await begin(() => ({ answers: 'Gladly, Tuesday?' }));
  const id = await ana();
  await text(id);
  expect(taken).toMatchObject([{ to: '+15035550142', text: 'Coffee next week?' }]);
  await call(pollNow);
  await call(pollNow);
  expect((await call(listSent)).messages).toMatchObject([{ outcome: 'answered' }]);
  expect((await sheet(id)).touches.map(({ outcome }) => outcome)).toEqual(['reached', 'sent']);
});

test('from a number that nobody knows it says who writes', async () => {
  const { taken } = await begin(undefined, false);
  await suite.owner('Marisol Quane');
  await text(await ana());
  expect(taken[0]!.text).toBe('This is Marisol Quane. Coffee next week?');
});

test('by night, where they live, it waits for the morning', async () => {
  const { taken } = await begin();
  later(14);
  const { sentence } = await text(await ana());
  expect(sentence).toMatch(/will be sent \w+ at 8:00 AM, after quiet hours/);
  await due();
  expect(taken).toEqual([]);
  later(11);
  await due();
  expect(taken).toHaveLength(1);
});

test('sent from the desk by night, it says when it will go, and leaves the desk until it is cancelled', async () => {
  await begin();
  const id = await ana();
  const { id: cadenceId } = await call(createCadence, {
    body: { name: 'C', rounds: 1, gapDays: 0, beats: [beat(0, 'text', 'Coffee?')] },
  });
  await call(enrol, {
    body: { cadenceId, who: { ids: [id] }, startOn: '2026-11-23', leaveOut: [] },
  });
  later(14);
  const [item] = (await call(getDesk)).items;
  const written = {
    personId: id,
    kind: 'text' as const,
    subject: '',
    words: 'Coffee?',
    itemKey: item!.key,
  };
  const message = await call(writeMessage, { body: written });
  expect(message.sentence).toMatch(/^The text to Ana Vance will be sent tomorrow at /);
  expect((await call(getDesk)).items).toEqual([]);
  await call(moveMessage, { params: { id: message.id }, body: { move: 'cancel' } });
  expect((await call(getDesk)).items.map(({ key }) => key)).toEqual([item!.key]);
});

test('STOP in one word is their no, and is no touch', async () => {
  const { receive } = await begin();
  const id = await ana();
  receive('+1 503 555 0142', 'STOP');
  await call(pollNow);
  expect((await sheet(id)).fields.consent.text?.answer).toBe('no');
  expect((await sheet(id)).touches).toEqual([]);
  await expect(text(id)).rejects.toThrow('They said no to texts.');
  receive('+1 503 555 0142', 'Start');
  await call(pollNow);
  expect((await sheet(id)).fields.consent.text).toMatchObject({
    answer: 'yes',
    cameFrom: 'by text',
  });
  expect((await sheet(id)).touches).toEqual([]);
});

test('a number that takes no texts is told by the gateway, and gets no more', async () => {
  await begin(() => 'failed');
  const id = await ana();
  await text(id);
  await call(pollNow);
  expect((await call(listInbound)).stopped).toMatchObject([{ address: '+15035550142' }]);
  await expect(text(id)).rejects.toThrow('came back');
});

test('a gateway that is away is asked again, and takes the same text once', async () => {
  const { taken } = await begin();
  const id = await ana();
  const listening = gateway;
  await listening.close();
  await text(id);
  expect((await call(listOutbox)).going[0]!.why).toContain('Nothing answers');
  await begin();
  later(0.1);
  await due();
  expect(taken).toEqual([]);
  expect(gateway.taken).toHaveLength(1);
});
