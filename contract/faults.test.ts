import { z } from 'zod';

import { faultsOf } from './faults';
import { addJob } from './story';
import { saveSettings } from './settings';
import { editPerson } from './people';

test('what fits has no fault', () => {
  expect(faultsOf(z.object({ name: z.string() }), { name: 'Ana' })).toBeNull();
});

test('each field at fault is named, with a sentence that can stand there', () => {
  const faults = faultsOf(saveSettings.body, { capacity: -1, minutesPerDay: 'many' });
  expect(faults!.fields).toEqual([
    { field: 'capacity', message: 'Not less than 0.' },
    { field: 'minutesPerDay', message: 'Write a number.' },
  ]);
  expect(faults!.message).toBe('Capacity: Not less than 0.');
});

test('the words of a schema of its own go before, and stand alone', () => {
  const faults = faultsOf(addJob.body, { name: '' });
  expect(faults).toEqual({
    fields: [{ field: 'name', message: 'Name the work.' }],
    message: 'Name the work.',
  });
});

test('a field deep inside is named by its way', () => {
  const phones = [
    { value: '1', label: '' },
    { value: 'x'.repeat(61), label: '' },
  ];
  expect(faultsOf(editPerson.body, { version: 1, phones })!.fields).toEqual([
    { field: 'phones.1.value', message: 'At most 60 characters.' },
  ]);
});

test.each([
  [z.number().int(), 1.5, 'Write a whole number.'],
  [z.string().min(3), 'ab', 'At least 3 characters.'],
  [z.string().min(1), '', 'Write something here.'],
  [z.array(z.string()).max(1), ['a', 'b'], 'At most 1 of these.'],
  [z.number().max(1500), 2000, 'Not more than 1,500.'],
  [z.enum(['a', 'b']), 'c', 'Choose one of those that are offered.'],
  [z.email(), 'nobody', 'This is not an e-mail address.'],
  [z.url(), 'nowhere', 'This is not a web address. Begin it with https://.'],
  [z.number(), NaN, 'Write a number.'],
  [z.boolean(), 'yes', 'Say yes or no.'],
  [z.iso.date(), 'soon', 'This is not written as it has to be.'],
  [z.object({ a: z.string() }).strict(), { a: '', b: 1 }, 'This can’t be read.'],
])('every other fault has a sentence (%#)', (schema, value, sentence) => {
  expect(faultsOf(schema, value)!.fields[0]!.message).toBe(sentence);
});
