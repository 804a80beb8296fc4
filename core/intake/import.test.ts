import { plainDate, readDate, readFullDate, serialDay } from '@/core/time';

import {
  decode,
  guessColumns,
  importRows,
  readEmail,
  readPhone,
  readTable,
  readTypedLine,
  splitName,
} from '.';

const today = plainDate('2026-11-23');

function load(text: string) {
  const result = readTable(decode(new TextEncoder().encode(text))!);
  if (!result.ok) throw new Error('unreadable');
  const { table } = result;
  const mapping = guessColumns(table).map(({ use }) => use);
  return { mapping, ...importRows(table, mapping, { today }) };
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
      'phone@mobile',
      'postalCode',
      'place',
      'birthday',
    ]);
  });

  test('by what they hold when the heading says nothing', () => {
    const { mapping } = load(
      'Who,Where to write,Ring\nAna Lind,ana@example.com,555-0101\nBo Marsh,bo@example.com,555-0102',
    );
    expect(mapping).toEqual(['name', 'email', 'phone']);
  });

  test('one column for each part, but of e-mails, notes and tags there may be several', () => {
    const { mapping, people } = load(
      'Name,Email,Mail,Note,Comments\nAna,ana@example.com,x,first,second',
    );
    expect(mapping).toEqual(['name', 'email', 'email', 'notes', 'notes']);
    expect(people[0]!.notes).toEqual([
      { on: null, body: 'Email: x' },
      { on: null, body: 'first\nsecond' },
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
    expect(people[0]).toMatchObject({ fields: { emails: [], birthday: null }, touches: [] });
    expect(people[0]!.notes[0]!.body).toBe(
      'Email: ana@@example\nBirthday: 31/02\nLast contact: 2030-01-01',
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
      'ana@@',
      'birthday 31 February',
    ]);
  });

  test('rubbish becomes no person', () => {
    expect(readTypedLine(' ,; ,').draft).toEqual({});
  });
});

describe('files of people as they are', () => {
  test('several columns for one thing are all kept, in order, with their kind', () => {
    const { people } = load(
      'First name,Last name,Home Phone,Cell,Work Email,E-mail 2,Home Address,Address 2,City,State,Zip,Work Street,Work City\n' +
        'Ana,Lind,555-0101,555-0102,ana@example.com,lind@example.org,4 Quay Street,Apt 2,Port Ellery,CA,12,9 Mill Lane,Saltby',
    );
    expect(people[0]!.fields).toMatchObject({
      phones: [
        { value: '555-0101', label: 'home' },
        { value: '555-0102', label: 'mobile' },
      ],
      emails: [
        { value: 'ana@example.com', label: 'work' },
        { value: 'lind@example.org', label: '' },
      ],
      addresses: [
        {
          label: 'home',
          line: '4 Quay Street, Apt 2',
          city: 'Port Ellery',
          region: 'CA',
          postalCode: '00012',
        },
        { label: 'work', line: '9 Mill Lane', city: 'Saltby' },
      ],
    });
  });

  test('partner, children, who sent them and work done become ties and work', () => {
    const csv =
      'Name,Spouse Name,Spouse Email,Spouse Birthday,Kids,Referred By,Closing Date,County\n' +
      'Ana Lind,Bo Lind,bo@example.com,5/4/1981,"Kim, Lee",Rosa Marsh,3/14/2019,Harbor\n';
    const { people } = load(csv);
    expect(people[0]).toMatchObject({
      related: [
        { kind: 'child', name: 'Kim' },
        { kind: 'child', name: 'Lee' },
        { kind: 'referred_by', name: 'Rosa Marsh' },
        { kind: 'partner', name: 'Bo Lind', birthday: '1981-05-04' },
      ],
      jobs: [{ name: 'Closing', on: '2019-03-14' }],
      notes: [{ on: null, body: 'County: Harbor\nSpouse Email: bo@example.com' }],
    });
    const result = readTable(decode(new TextEncoder().encode(csv))!);
    if (!result.ok) throw new Error('unreadable');
    const mapping = guessColumns(result.table).map(({ use }) => use);
    const two = importRows(result.table, mapping, { today, partners: 'person' }).people;
    expect(two[1]!.fields).toMatchObject({
      givenName: 'Bo',
      familyName: 'Lind',
      birthday: '1981-05-04',
      emails: [{ value: 'bo@example.com', label: '' }],
    });
    expect(two[0]!.related).toContainEqual({ kind: 'partner', name: '', place: 1 });
  });

  test('a couple in one row are two people of one home', () => {
    const { people, faults } = load('Name,Street,Zip\nDana & Lee Marsh,4 Quay Street,00012');
    expect(
      people.map(({ fields: f }) => [f.givenName, f.familyName, f.addresses[0]!.line]),
    ).toEqual([
      ['Dana', 'Marsh', '4 Quay Street'],
      ['Lee', 'Marsh', '4 Quay Street'],
    ]);
    expect(faults[0]!.why).toMatch(/^Two people of one home/);
  });

  test('a column of days has one order, which its own cells decide', () => {
    const born = (...cells: string[]) =>
      load(`Name,Birthday\n${cells.map((cell, i) => `P${i},${cell}`).join('\n')}`).people.map(
        ({ fields }) => fields.birthday,
      );
    expect(born('5/4/1980', '25/12/1979')).toEqual(['1980-04-05', '1979-12-25']);
    expect(born('5/4/1980', '12/25/1979')).toEqual(['1980-05-04', '1979-12-25']);
    expect(born('7-Mar-80', '1980-03-07 00:00', 'March 7', '--0307', '3/7/1604')).toEqual([
      '1980-03-07',
      '1980-03-07',
      '03-07',
      '03-07',
      '03-07',
    ]);
  });

  // ECMA-376, 18.17.4.1: serial 1 is 1 January 1900, and a 29 February 1900 is counted that never was.
  test('days that a spreadsheet counts', () => {
    const { people } = load('Name,Birthday\nAna,29287\nBo,25569');
    expect(people.map(({ fields }) => fields.birthday)).toEqual(['1980-03-07', '1970-01-01']);
    expect([serialDay(1), serialDay(59), serialDay(60), serialDay(61)]).toEqual([
      '1900-01-01',
      '1900-02-28',
      null,
      '1900-03-01',
    ]);
  });

  test.each([
    ['2031-01-01', 'a birthday that has been'],
    ['1850-01-01', 'a birthday of anybody alive'],
    ['2025-02-29', 'a day in the calendar'],
  ])('the birthday %s is a fault and kept in the note', (birthday, why) => {
    const { people, faults } = load(`Name,Birthday\nAna,${birthday}`);
    expect(people[0]).toMatchObject({
      fields: { birthday: null },
      notes: [{ body: `Birthday: ${birthday}` }],
    });
    expect(faults.map((fault) => fault.why)).toEqual([
      `“${birthday}” is not ${why}; it is kept in the note.`,
    ]);
  });

  test('more cells than headings come into the note and are told', () => {
    const { people, faults } = load('Name,Phone\nAna,555-0101,what,else');
    expect(people[0]!.notes[0]!.body).toBe('Beyond the last column: what, else');
    expect(faults[0]!.leftOut).toBe(false);
  });

  test('a whole address in one cell is taken apart', () => {
    const { people } = load('Name,Address\nAna,"12 Lantern Row, Port Ellery, CA 00012"');
    expect(people[0]!.fields.addresses[0]).toMatchObject({
      line: '12 Lantern Row',
      city: 'Port Ellery',
      region: 'CA',
      postalCode: '00012',
    });
  });

  test('a firm in the column of names is a firm', () => {
    expect(load('Name,Phone\nSmith & Sons,555-0101').people[0]!.fields.company).toBe(
      'Smith & Sons',
    );
  });
});

describe('a typed line without commas', () => {
  const lists = { roles: ['Past client', 'Friend'], circles: ['Inner', 'Outer'] };
  test.each([
    [
      'Rosa Lind 555-0142 rosa@example.com met at the market birthday 4 May #garden',
      {
        givenName: 'Rosa',
        familyName: 'Lind',
        birthday: '05-04',
        note: 'met at the market',
        tags: ['garden'],
      },
    ],
    [
      'Dana & Lee Marsh 12 Lantern Row, Port Ellery, CA 00012 past client',
      {
        givenName: 'Dana',
        roles: ['Past client'],
        ties: [{ kind: 'partner', name: 'Lee Marsh' }],
        addresses: [
          expect.objectContaining({
            line: '12 Lantern Row',
            city: 'Port Ellery',
            postalCode: '00012',
          }),
        ],
      },
    ],
    [
      'Óscar Núñez (212) 555-0142 x 12 www.example.com sent by Bo Marsh',
      {
        givenName: 'Óscar',
        familyName: 'Núñez',
        links: [{ value: 'https://www.example.com', label: '' }],
        ties: [{ kind: 'referred_by', name: 'Bo Marsh' }],
      },
    ],
    [
      'Rosa Lind inner circle kids Kim and Lee married to Bo Lind wedding 12 June 2009',
      {
        circle: 'Inner',
        dates: [{ name: 'Wedding', on: '2009-06-12' }],
        ties: [
          { kind: 'partner', name: 'Bo Lind' },
          { kind: 'child', name: 'Kim' },
          { kind: 'child', name: 'Lee' },
        ],
      },
    ],
    ['李小龙 555-0142', { givenName: '李小龙' }],
    ['rosa lind, 555-0142', { givenName: 'rosa', familyName: 'lind' }],
    ['Rosa Lind met 3 times at the lake', { givenName: 'Rosa', note: 'met 3 times at the lake' }],
  ])('%s', (line, draft) => {
    expect(readTypedLine(line, lists).draft).toMatchObject(draft);
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
    expect(splitName(text)).toMatchObject({ givenName, familyName });
  });
});
