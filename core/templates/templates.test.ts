import fc from 'fast-check';
import { Liquid } from 'liquidjs';

import { fieldsOf, fill, turnOf, templateFaults } from '.';

const ANA = {
  first_name: 'Ana',
  last_name: '',
  company: null,
  children: 'Theo and Ines',
  count: 0,
};
const text = (words: string, values: object = ANA) => fill(words, values as typeof ANA);
const faults = (words: string) => {
  const filled = text(words);
  return filled.ok ? [] : filled.faults;
};

test.each([
  ['Hi {{ first_name }}', 'Hi Ana'],
  ['Hi {{FIRST_NAME}}', 'Hi Ana'],
  ['Hi {{ last_name | default: "there" }}', 'Hi there'],
  // A word processor's quotation marks.
  ['Hi {{ last_name | default: “there” }}', 'Hi there'],
  ['{% if children %}How are {{ children }}?{% endif %}', 'How are Theo and Ines?'],
  ['{% if company %}At {{ company }}{% else %}At home{% endif %}', 'At home'],
  ['{% unless company %}No company{% endunless %}', 'No company'],
  ['{{ first_name | upcase }}', 'ANA'],
  ['{{ count }}', '0'],
  ['A set {1, 2} and 100 %', 'A set {1, 2} and 100 %'],
  ['', ''],
])('%j', (words, filled) => expect(text(words)).toEqual({ ok: true, text: filled }));

test.each([
  [
    '{{ nickname }} {{ shoe }}',
    [
      { kind: 'unknown_field', field: 'nickname' },
      { kind: 'unknown_field', field: 'shoe' },
    ],
  ],
  // All that is missing is named, not only the first.
  [
    '{{ last_name }}, {{ company }}',
    [
      { kind: 'missing_value', field: 'last_name' },
      { kind: 'missing_value', field: 'company' },
    ],
  ],
  ['{{ constructor }}', [{ kind: 'unknown_field', field: 'constructor' }]],
])('%j is not to be sent: %j', (words, found) => expect(faults(words)).toEqual(found));

test.each([
  'Hi {{ first_name',
  'Hi first_name }}',
  'Hi {first_name}',
  '{% if children %} open',
  'Hi {{{ first_name }}',
])('a brace left over: %j', (words) =>
  expect(faults(words)[0]!.kind).toMatch(/braces|not_understood/),
);

test('a value with braces in it does not go out either', () => {
  expect(text('Hi {{ first_name }}', { first_name: '{{ x }}' })).toMatchObject({ ok: false });
});

test.each([
  '{% for i in (1..1000000000) %}x{% endfor %}',
  '{% include "/etc/passwd" %}',
  '{% assign x = 1 %}',
  '{{ first_name | shout }}',
  '{% if a %}'.repeat(200),
])('nothing but conditions and known filters, %#', (words) =>
  expect(faults(words)[0]!.kind).toMatch(/not_understood|braces/),
);

test('the fields that a text asks for', () => {
  expect(fieldsOf('{{ Name }} {% if children %}{{ pets | default: "x" }}{% endif %}')).toEqual([
    'name',
    'children',
    'pets',
  ]);
  expect(templateFaults('{{ name }} {{ shoe }}', (field) => field === 'name')).toEqual([
    { kind: 'unknown_field', field: 'shoe' },
  ]);
});

// The template library is the reference for whatever has all its values.
test('what is complete comes out as from the library', () => {
  const liquid = new Liquid();
  const part = fc.constantFrom(
    '{{ a }}',
    '{{ b | default: "there" }}',
    '{% if a %}yes{% endif %}',
    '{% unless b %}no {{ a }}{% endunless %}',
    'Words, ',
    '\n',
    'é 🎉 ',
  );
  fc.assert(
    fc.property(fc.array(part), fc.string(), fc.string(), (parts, a, b) => {
      const words = parts.join('');
      const filled = fill(words, { a: `x${a}`, b });
      if (/[{}]/.test(a + b)) return;
      expect(filled).toEqual({
        ok: true,
        text: liquid.parseAndRenderSync(words, { a: `x${a}`, b: b || undefined }),
      });
    }),
  );
});

test('nothing that anybody writes throws, and no brace goes out', () => {
  fc.assert(
    fc.property(
      fc.string({ unit: fc.constantFrom('{', '}', '%', 'a', ' ', '|', '"', 'if', 'end') }),
      (words) => {
        const filled = fill(words, { a: 'x' });
        if (filled.ok) expect(filled.text).not.toMatch(/\{\{|\}\}|\{%|%\}/);
      },
    ),
    { numRuns: 1000 },
  );
});

describe('whose turn a wording is', () => {
  test('nobody gets the one that they had last, and all come round', () => {
    for (const person of ['a', 'b', 'c']) {
      const had = new Set<number>();
      let last: number | null = null;
      for (let round = 0; round < 6; round++) {
        const turn = turnOf(3, round, person);
        expect(turn).not.toBe(last);
        had.add((last = turn));
      }
      expect(had.size).toBe(3);
    }
    expect(turnOf(1, 5, 'a')).toBe(0);
    expect(turnOf(0, 5, 'a')).toBe(-1);
  });
  test('people begin at different ones', () => {
    const turns = Array.from({ length: 300 }, (_, i) => turnOf(3, 0, `person ${i}`));
    for (const n of [0, 1, 2]) expect(turns.filter((t) => t === n).length).toBeGreaterThan(60);
  });
});
