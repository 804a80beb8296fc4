import { fillRich } from '@/core/templates';

import { plainOf } from '../templates';
import type { Channel, SendContext } from './channel';
import { fillIn } from './make';

const rich = { has: { subject: true, html: true, files: true } } as unknown as Channel;
const context = {} as SendContext;
const values = {
  first_name: 'Ana & Bo',
  partner: null,
  children: 'Lea and Tim',
  site: 'https://example.com/?a=1&b=2',
};

const filled = (html: string) =>
  fillIn(
    rich,
    { subject: 'Tea', words: plainOf(html), html, cadence: '', occasion: {} },
    values,
    context,
  );

// The plain words are read out of the HTML before it is filled in; read out afterwards they are the same.
test.each([
  '<p>Dear {{ first_name }},</p><p>how is the <strong>house</strong>?</p>',
  '<h2>News for {{ First_Name }}</h2><ul><li>One</li><li>{{ children }}</li></ul>',
  '<p>Hi {{ first_name | default: &quot;there&quot; }}</p>',
  '<p>See <a href="https://example.com/tea">our page</a>, or <a href="{{ site }}">{{ site }}</a>.</p>',
  '<p>One</p>{% if children %}<p>How are {{ children }}?</p>{% endif %}<p>Two</p>',
  '<p>One</p>{% if partner %}<p>Greetings to {{ partner }}.</p>{% endif %}<p>Two</p>',
  '<p>One</p><p>{% if partner %}And {{ partner }}.{% endif %}</p><p>Two</p>',
  '<p>a &lt; b &amp; c</p><p>Line one<br>Line two</p>',
])('%s', (html) => {
  const after = fillRich(html, values);
  const plain = after.ok && plainOf(after.text).replace(/\n{3,}/g, '\n\n');
  expect(filled(html).content.words).toBe(plain);
});

test('what can’t be filled in is said, and the words stay as they were written', () => {
  const html = '<p>Greetings to {{ partner }}</p>';
  expect(filled(html)).toMatchObject({
    content: { words: 'Greetings to {{ partner }}', html },
    faults: [{ field: 'partner' }],
  });
});
