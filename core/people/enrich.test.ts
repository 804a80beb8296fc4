import fc from 'fast-check';

import { enrich } from './enrich';
import type { PersonFields } from './record';

const contact = fc.record({
  value: fc.constantFrom('a@example.com', 'A@example.com', 'b@example.com', 'c@example.com'),
  label: fc.constantFrom('', 'home', 'work'),
});
const contacts = fc.array(contact, { maxLength: 6 });
const valuesOf = (list: readonly { value: string }[]) =>
  list.map(({ value }) => value.toLowerCase());
const withEmails = (emails: readonly object[]) => ({ emails }) as unknown as PersonFields;

test('what is here keeps its place and its label; what is new comes after it, each once', () =>
  fc.assert(
    fc.property(contacts, contacts, (here, more) => {
      const { emails } = enrich(withEmails(here), { emails: more } as never);
      expect(emails.slice(0, here.length)).toEqual(here);
      const added = valuesOf(emails.slice(here.length));
      expect(new Set(added).size).toBe(added.length);
      expect(new Set(valuesOf(emails))).toEqual(new Set(valuesOf([...here, ...more])));
    }),
  ));

test('a fact that is here, or an answer that was given, is not overwritten', () => {
  const no = { answer: 'no', on: '2026-01-01', cameFrom: '' };
  const here = {
    company: 'Net & Loft',
    work: '',
    consent: { email: no },
  } as unknown as PersonFields;
  const more = { company: 'Other', work: 'Sails', consent: { email: { ...no, answer: 'yes' } } };
  expect(enrich(here, more as never)).toEqual({
    company: 'Net & Loft',
    work: 'Sails',
    consent: { email: no },
  });
});
