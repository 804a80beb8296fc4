import { asRich, fieldInBraces, forTheEye, toBraces, toSigns } from '.';

test.each([
  '<p>Dear {{ first_name }},</p>',
  '<p>Dear {{ first_name | default: "there" }},</p>',
  '<p>a</p>{% if children %}<p>I hope {{ children }} slide.</p><p>Still.</p>{% endif %}<p>b</p>',
  '{% if a %}<p>one</p>{% endif %}{% if b %}<ul><li>two</li></ul>{% endif %}',
  // No block of its own, or more than a field: it stays as it was written.
  '<p>{% if children %}How are {{ children }}?{% else %}How are you?{% endif %}</p>',
  '<p>{{ city | upcase }} {{ }} {{ x</p>',
])('through an editor and back: %s', (html) => expect(toBraces(toSigns(html))).toBe(html));

test('an editor sees signs and blocks, not braces', () => {
  expect(toSigns('<p>{{ First_Name | default: “you” }}</p>')).toBe(
    '<p><span data-field="first_name" data-fallback="you"></span></p>',
  );
  expect(toSigns('{% if pets %}<p>x</p>{% endif %}')).toBe('<div data-only="pets"><p>x</p></div>');
});

test('a fallback can break no braces', () =>
  expect(fieldInBraces('name', 'a"b}}')).toBe('{{ name | default: "ab" }}'));

test('plain words become paragraphs', () =>
  expect(asRich('Dear {{ name }},\n\na < b\nc & d')).toBe(
    '<p>Dear {{ name }},</p><p>a &lt; b<br>c &amp; d</p>',
  ));

test('for the eye, fields stand there by what they are called', () =>
  expect(
    forTheEye('Dear {{ first_name | default: "you" }},\n\n{% if pets %}and {{ pets }}{% endif %}'),
  ).toBe('Dear ‹first name›, and ‹pets›'));
