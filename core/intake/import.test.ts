import { plainDate, readDate, readFullDate } from '@/core/time';

import {
  guessMapping,
  importRows,
  readEmail,
  readPhone,
  readTable,
  readTypedLine,
  splitName,
} from '.';

const today = plainDate('2026-11-23');

function load(text: string) {
  const result = readTable(new TextEncoder().encode(text));
  if (!result.ok) throw new Error('unreadable');
  const { table } = result;
  const mapping = guessMapping(table);
  return { mapping, ...importRows(table, mapping, today) };
}

describe('columns are guessed', () => {
  test('by their headings, whatever their case and punctuation', () => {
    const { mapping } = load(
      'FIRST NAME,Last_Name,E-Mail Address,Cell phone,ZIP,Neighbourhood,D.O.B.\na,b,c@example.com,,,,',
    );
    expect(mapping).toEqual([
      'givenName',
      'familyName',
      'email',
      'phone',
      'postalCode',
      'place',
      null,
    ]);
  });

  test('by what they hold when the heading says nothing', () => {
    const { mapping } = load(
      'Who,Where to write,Ring\nAna Lind,ana@example.com,555-0101\nBo Marsh,bo@example.com,555-0102',
    );
    expect(mapping).toEqual(['name', 'email', 'phone']);
  });

  test('one column for each part, but notes and tags may be several', () => {
    const { mapping, people } = load(
      'Name,Email,Mail,Note,Comments\nAna,ana@example.com,x,first,second',
    );
    expect(mapping).toEqual(['name', 'email', null, 'note', 'notes']);
    expect(people[0]!.notes).toEqual([
      { on: null, body: 'first' },
      { on: null, body: 'second' },
    ]);
  });
});

describe('rows become people', () => {
  test('a row needs a name or a way to reach somebody', () => {
    const { people, faults } = load('Name,Phone,City\nAna,,\n,555-0101,\n,,Port Ellery');
    expect(people.map(({ fields }) => fields.givenName || fields.phones[0]?.value)).toEqual([
      'Ana',
      '555-0101',
    ]);
    expect(faults).toEqual([
      { row: 4, why: 'It has neither a name nor a way to reach anybody.', leftOut: true },
    ]);
  });

  test('a value that can not be read is kept in the note and told', () => {
    const { people, faults } = load(
      'Name,Email,Birthday,Last contact\nAna,ana@@example,31/02,2030-01-01',
    );
    expect(people[0]).toMatchObject({ fields: { emails: [], birthday: null }, lastTouch: null });
    expect(people[0]!.notes[0]!.body).toBe(
      'an e-mail address: ana@@example\na day in the calendar: 31/02\na day that has been: 2030-01-01',
    );
    expect(faults).toHaveLength(3);
    expect(faults.every(({ leftOut }) => !leftOut)).toBe(true);
  });

  test('lists are split, and names in either order', () => {
    const { people } = load('Name,Tags,Roles\n"Lind, Rosa",#garden; sailing,Past client|Friend');
    expect(people[0]).toMatchObject({
      fields: { givenName: 'Rosa', familyName: 'Lind', roles: ['Past client', 'Friend'] },
      tags: ['garden', 'sailing'],
    });
  });
});

describe('one typed line', () => {
  test('is understood in any order', () => {
    expect(
      readTypedLine(
        'Rosa Lind, 555-0142, rosa@example.com, met at the market, birthday 4 May, #garden',
      ),
    ).toEqual({
      draft: {
        givenName: 'Rosa',
        familyName: 'Lind',
        phones: [{ value: '555-0142', label: '' }],
        emails: [{ value: 'rosa@example.com', label: '' }],
        birthday: '05-04',
        tags: ['garden'],
        note: 'met at the market',
      },
      unread: [],
    });
    expect(readTypedLine('#boat rosa@example.com; Rosa').draft).toEqual({
      emails: [{ value: 'rosa@example.com', label: '' }],
      givenName: 'Rosa',
      familyName: '',
      tags: ['boat'],
    });
  });

  test('a year after the birthday belongs to it', () => {
    expect(readTypedLine('Ana, birthday May 4, 1980').draft.birthday).toBe('1980-05-04');
  });

  test('what looks like something but is not is told, never guessed', () => {
    expect(readTypedLine('Ana, birthday 31 February, ana@@').unread).toEqual([
      'birthday 31 February',
      'ana@@',
    ]);
  });

  test('rubbish becomes no person', () => {
    expect(readTypedLine(' ,; ,').draft).toEqual({});
  });
});

describe('values', () => {
  test.each([
    ['1980-05-04', '1980-05-04'],
    ['5/4/1980', '1980-05-04'],
    ['24/12/1980', '1980-12-24'],
    ['4 May', '05-04'],
    ['May 4th, 1980', '1980-05-04'],
    ['--05-04', '05-04'],
    ['29 Feb', '02-29'],
    ['29 Feb 2025', null],
    ['31/02', null],
    ['13/13', null],
    ['Mayor 4', null],
    ['soon', null],
  ])('the date %j', (text, date) => {
    expect(readDate(text)).toBe(date);
  });

  test('a full day needs its year', () => {
    expect(readFullDate('May 4')).toBeNull();
    expect(readFullDate('May 4, 2025')).toBe('2025-05-04');
  });

  test.each([
    ['Rosa.Lind@Example.COM', 'Rosa.Lind@example.com'],
    ['mailto:rosa@example.com', 'rosa@example.com'],
    ['rosa@@example.com', null],
    ['rosa', null],
    ['rosa@localhost', null],
  ])('the e-mail %j', (text, email) => {
    expect(readEmail(text)).toBe(email);
  });

  // +1 201 555 0123 is the example number that libphonenumber publishes for the United States.
  test.each([
    ['(201) 555-0123', '+12015550123'],
    ['+44 121 234 5678', '+441212345678'],
    ['555-0142', '555-0142'],
    ['12', null],
    ['call me', null],
    ['3 Lantern Row', null],
  ])('the phone number %j', (text, phone) => {
    expect(readPhone(text)).toBe(phone);
  });

  test.each([
    ['Rosa Lind', 'Rosa', 'Lind'],
    ['Lind, Rosa', 'Rosa', 'Lind'],
    ['Maria de la Cruz', 'Maria', 'de la Cruz'],
    ['Cher', 'Cher', ''],
    ['Ana Maria Lind', 'Ana Maria', 'Lind'],
  ])('the name %j', (text, givenName, familyName) => {
    expect(splitName(text)).toEqual({ givenName, familyName });
  });
});
