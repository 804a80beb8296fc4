import fc from 'fast-check';

import { plainDate } from '@/core/time';

import { daysInNote } from '.';

// A Wednesday.
const today = plainDate('2026-11-25');

const told = (note: string) => daysInNote(note, today).map(({ name, on }) => `${name} ${on}`);

// Examples as people write them; common practice, no source.
test.each([
  ['baby due in March', ['Baby due 2027-03-01']],
  ['So glad: baby due in March.', ['Baby due 2027-03-01']],
  ['moving on the 3rd', ['Moving 2026-12-03']],
  ['moving on the 3rd with the children', ['Moving 2026-12-03']],
  ['party on the 4th july', ['Party 2027-07-04']],
  ['Rosa is moving on the 30th', ['Moving 2026-11-30']],
  ['She is moving on the 3rd of January.', ['Moving 2027-01-03']],
  ['Their wedding is June 12', ['Wedding 2027-06-12']],
  ['Birthday 4 May', ['birthday 2027-05-04']],
  ['her birthday is on the 12th of August', ['birthday 2027-08-12']],
  ['Born 4 May 1980', ['birthday 1980-05-04']],
  ['Turns 50 on May 4', ['birthday 1977-05-04']],
  ['Turns 50 on May 4, 2027', ['birthday 1977-05-04']],
  ['Sept 3rd is their anniversary', ['Anniversary 2027-09-03']],
  ['closing Dec 15; party on the 20th', ['Closing 2026-12-15', 'Party 2026-12-20']],
  ['surgery next Tuesday at 10am', ['Surgery 2026-12-01']],
  ['Loved the card. Son’s birthday is 5/4, they said', ['Son’s birthday 2027-05-04']],
  ['The loan ends in June 2028', ['Loan ends 2028-06-01']],
])('“%s” tells %j', (note, days) => expect(told(note)).toEqual(days));

test.each([
  '',
  'talked about the garden',
  'sat with her in the sun',
  'they may move, and I march with them',
  'Call again in two weeks',
  'ask her on Friday',
  'grandson was here yesterday',
  'moved away in March 2011',
  '2 kids, 3 dogs; loan at 4.5 %',
  'on the 3rd floor, the 2nd child',
  'the 45th',
  'turns 3 on Feb 29, 2028',
  'Friday',
])('“%s” tells no day of theirs', (note) => expect(told(note)).toEqual([]));

test('a month alone says so, and day and month change places with the order of the owner', () => {
  expect(daysInNote('baby due in March', today)).toMatchObject([{ monthOnly: true }]);
  expect(daysInNote('moving 5/4', today, 'dmy')).toMatchObject([
    { on: '2027-04-05', monthOnly: false },
  ]);
});

test('whatever a note says, what is found lies ahead or has come back since, and has a name', () => {
  const word = fc.constantFrom(
    'baby',
    'due',
    'May 4',
    'on the',
    '31st',
    'Friday',
    ',',
    'and',
    '5/4/1980',
    'born',
    '. ',
    'é',
    '’s',
    'in',
    'March',
  );
  fc.assert(
    fc.property(fc.array(word, { maxLength: 12 }), (words) => {
      for (const { name, on } of daysInNote(words.join(' '), today)) {
        expect(name.trim()).toBe(name);
        expect(name.length).toBeGreaterThan(0);
        expect(on >= today || /born|birthday/i.test(words.join(' '))).toBe(true);
      }
    }),
  );
});
