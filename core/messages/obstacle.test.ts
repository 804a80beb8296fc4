import { htmlLetter, obstacleTo, paragraphs, plainLetter, type Sending } from '.';

const sending = (change: Partial<Sending> = {}): Sending => ({
  kind: 'email',
  name: 'Ana Lind',
  addresses: ['ana@example.com'],
  stopped: [],
  consent: {},
  automatic: false,
  needsYes: true,
  wordFault: null,
  hasCarrier: true,
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
  ['nobody to take it', { hasCarrier: false }, 'carrier'],
  ['a no and no address: the no', { addresses: [], consent: { email: no } }, 'consent'],
] as const)('%s', (_, change, remedy) =>
  expect(obstacleTo(sending(change as Partial<Sending>))?.remedy ?? null).toBe(remedy),
);

test('an address that came back is told with its reason', () => {
  const stopped = [{ address: 'ana@example.com', why: 'no such mailbox' }];
  expect(obstacleTo(sending({ addresses: [], stopped }))?.why).toBe(
    'ana@example.com came back: no such mailbox',
  );
});

test('words become paragraphs, with nothing of them taken for HTML', () => {
  expect(paragraphs('Dear <Ana> & co,\n\nsee https://example.com/a?b=1&c=2.\nYours')).toBe(
    '<p>Dear &#60;Ana&#62; &#38; co,</p>\n<p>see <a href="https://example.com/a?b=1&#38;c=2">https://example.com/a?b=1&#38;c=2</a>.<br>Yours</p>',
  );
});

test('below a letter stands who writes, and how to get no more', () => {
  const footer = {
    lines: ['Marisol Quane', '3 Chandler Row, Port Ellery'],
    optOutUrl: 'https://example.com/o/1',
  };
  const plain = plainLetter('Hello', footer);
  expect(plain.split('\n')).toEqual([
    'Hello',
    '',
    '-- ',
    'Marisol Quane',
    '3 Chandler Row, Port Ellery',
    'No more e-mail, please: https://example.com/o/1',
  ]);
  const html = htmlLetter('<p>Hello</p>', footer);
  for (const part of ['Chandler Row', 'href="https://example.com/o/1"'])
    expect(html).toContain(part);
  expect(plainLetter('Hello', null)).toBe('Hello');
  expect(plainLetter('Hello', { ...footer, optOutUrl: null })).toContain('“unsubscribe”');
});
