import { htmlLetter, paragraphs, plainLetter } from '.';

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
