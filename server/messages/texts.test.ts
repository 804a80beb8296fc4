import { listInbound, listSent, listOutbox, pollNow, writeMessage } from '@/contract/messages';
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
  expect(sentence).toContain('goes when the night is over');
  await due();
  expect(taken).toEqual([]);
  later(11);
  await due();
  expect(taken).toHaveLength(1);
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
