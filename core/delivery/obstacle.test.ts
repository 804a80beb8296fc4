import { obstacleTo, type Sending } from '.';

const sending = (change: Partial<Sending> = {}): Sending => ({
  channel: 'email',
  addresses: ['ana@example.com'],
  noAddress: 'No e-mail for Ana Lind.',
  suppressed: [],
  consent: {},
  automatic: false,
  needsYes: true,
  wordFault: null,
  noCarrier: null,
  ...change,
});
const yes = { answer: 'yes' as const, on: '2026-05-04', cameFrom: '' };
const no = { ...yes, answer: 'no' as const };

test.each([
  ['nothing', {}, null],
  ['a no', { consent: { email: no } }, 'consent'],
  ['a no to texts does not concern e-mail', { consent: { text: no } }, null],
  ['nobody asked, by itself', { automatic: true }, 'consent'],
  ['nobody asked, where that is no matter', { automatic: true, needsYes: false }, null],
  ['a yes', { automatic: true, consent: { email: yes } }, null],
  ['no address', { addresses: [] }, 'address'],
  ['words', { wordFault: 'There is no first name to fill in.' }, 'words'],
  ['nobody to take it', { noCarrier: 'No mail server is set up.' }, 'carrier'],
  ['a no and no address: the no', { addresses: [], consent: { email: no } }, 'consent'],
] as const)('%s', (_, change, remedy) =>
  expect(obstacleTo(sending(change as Partial<Sending>))?.remedy ?? null).toBe(remedy),
);

test('an address that came back is told with its reason', () => {
  const suppressed = [{ address: 'ana@example.com', why: 'no such mailbox' }];
  expect(obstacleTo(sending({ addresses: [], suppressed }))?.why).toBe(
    'ana@example.com came back: no such mailbox',
  );
});
