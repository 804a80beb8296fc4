import { linkToWrite, subjectOf } from '.';

const ana = { phone: '+1 (541) 555-0142', email: 'ana@example.com', subject: '', words: '' };

test.each([
  ['a call', { ...ana, kind: 'call' as const }, 'tel:+15415550142'],
  [
    'a call with an extension',
    { ...ana, kind: 'call' as const, phone: '(541) 555-0142 ext. 12' },
    'tel:5415550142;ext=12',
  ],
  ['a text', { ...ana, kind: 'text' as const }, 'sms:+15415550142'],
  // RFC 5724, section 2.2: the body is percent-encoded UTF-8.
  [
    'a text with words',
    { ...ana, kind: 'text' as const, words: 'Café & tea?\nAt 5' },
    'sms:+15415550142?body=Caf%C3%A9%20%26%20tea%3F%0D%0AAt%205',
  ],
  ['an e-mail', { ...ana, kind: 'email' as const }, 'mailto:ana@example.com'],
  // RFC 6068, section 6: "mailto:gorby%25kremvax@example.com"; section 5: line breaks are %0D%0A.
  [
    'an e-mail with subject and words',
    {
      ...ana,
      kind: 'email' as const,
      email: 'gorby%kremvax@example.com',
      subject: 'A & B',
      words: '1\n2',
    },
    'mailto:gorby%25kremvax@example.com?subject=A%20%26%20B&body=1%0D%0A2',
  ],
  ['no number', { ...ana, phone: '', kind: 'text' as const }, null],
  ['a card', { ...ana, kind: 'card' as const }, null],
])('%s', (_, to, link) => expect(linkToWrite(to)).toBe(link));

test.each([
  ['How are you, Ana? The quince is out.', 'How are you, Ana?'],
  ['Three lines by hand. Nothing to sell.', 'Three lines by hand'],
  ['', ''],
  [
    'Thinking of you in Netloft on this rather long and windy November morning by the sea',
    'Thinking of you in Netloft on this rather long and windy …',
  ],
])('the subject of %j', (words, subject) => expect(subjectOf(words)).toBe(subject));
