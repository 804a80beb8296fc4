import fc from 'fast-check';
import Papa from 'papaparse';
import writeSheet from 'write-excel-file/node';

import { COLUMN_KEYS, NO_ADDRESS, NOBODY, type OwnField, type PersonFields } from '@/core/people';
import { plainDate } from '@/core/time';

import {
  guard,
  decode,
  guessColumns,
  importRows,
  joinCell,
  readAddresses,
  readImportFile,
  readNotes,
  readNumber,
  readOwnValue,
  readPasted,
  readTable,
  readVCards,
  type ExportColumn,
  splitCell,
  csvHead,
  csvRows,
  writeAddress,
  writeVCard,
  writeNotes,
  type ExportedPerson,
} from '.';

const today = plainDate('2026-11-23');
const OWN: OwnField[] = [
  { id: '0190a000-0000-7000-8000-0000000000f1', name: 'Loan', type: 'money', choices: [] },
  { id: '0190a000-0000-7000-8000-0000000000f3', name: 'Size', type: 'choice', choices: ['S', 'L'] },
];
const COLUMNS: ExportColumn[] = [
  ...COLUMN_KEYS.filter((key) => key !== 'name'),
  ...OWN.map(({ id }) => `own:${id}` as const),
];

const load = (csv: string) => {
  const read = readTable(decode(new TextEncoder().encode(csv))!);
  if (!read.ok) throw new Error(read.fault.reason);
  return importRows(
    read.table,
    guessColumns(read.table, OWN).map(({ use }) => use),
    { today, own: OWN },
  );
};

const word = fc
  .stringMatching(/^[A-Za-zÅéł=+@'"(][A-Za-z0-9 ,;|\\"'().&=+@-]{0,14}[A-Za-z0-9"]$/)
  .map((text) => text.replace(/\s+/g, ' ').trim());
// Labels stand in brackets behind their value, so they have none themselves.
const label = fc.constantFrom('', 'home', 'work', 'the boat');
const day = fc.constantFrom('1980-05-04', '2011-12-31', '2024-02-29');

const person = fc.record({
  fields: fc.record({
    ...Object.fromEntries(Object.entries(NOBODY).map(([key, value]) => [key, fc.constant(value)])),
    givenName: word,
    familyName: word,
    company: word,
    emails: fc.uniqueArray(
      fc.record({
        value: fc.constantFrom('a@example.com', 'B.c+d@example.org', 'e@example.net'),
        label,
      }),
      { selector: ({ value }) => value, maxLength: 3 },
    ),
    phones: fc.uniqueArray(
      fc.record({ value: fc.constantFrom('+12015550123', '555-0142', '+441212345678'), label }),
      { selector: ({ value }) => value, maxLength: 3 },
    ),
    addresses: fc.array(
      fc.record({
        ...Object.fromEntries(Object.keys(NO_ADDRESS).map((key) => [key, word])),
        lat: fc.constantFrom(38.5, -1),
        lon: fc.constantFrom(-150.25, 0),
      }) as never,
      { maxLength: 3 },
    ),
    birthday: fc.constantFrom(null, '05-04', '1980-05-04'),
    dates: fc.array(fc.record({ name: fc.constantFrom('Moved in', 'Dog; cat', 'A, b'), on: day }), {
      maxLength: 3,
    }),
    interests: fc.uniqueArray(word, { maxLength: 3 }),
    roles: fc.uniqueArray(word, { maxLength: 3 }),
    favourite: fc.boolean(),
    own: fc.constantFrom({}, { [OWN[0]!.id]: 125_050, [OWN[1]!.id]: 'L' }),
    consent: fc.constantFrom({}, { post: { answer: 'no', on: '2026-01-02', cameFrom: 'a; b, c' } }),
  }) as never,
  tags: fc.uniqueArray(
    word.filter((text) => !text.startsWith('#')),
    { maxLength: 3 },
  ),
  circle: fc.constantFrom('', 'Inner'),
  promiseDays: fc.constantFrom(null, 45),
  notes: fc.array(
    fc.record({
      on: day,
      body: fc.constantFrom('one', 'two\nlines', '[2020-01-01] tricky', '=1+1'),
    }),
    { maxLength: 3 },
  ),
  touches: fc.uniqueArray(
    fc.record({
      on: fc.constantFrom('2026-11-01', '2026-10-02'),
      kind: fc.constantFrom('call', 'email', 'other'),
      outcome: fc.constantFrom('no_answer', 'reached', 'left_word'),
    }),
    { selector: (touch) => JSON.stringify(touch), maxLength: 3 },
  ),
  jobs: fc.array(
    fc.record({
      name: word.filter(Boolean),
      stage: word,
      on: fc.constantFrom(null, '2026-05-04'),
      valueMinor: fc.constantFrom(null, 25_000_000),
      feeMinor: fc.constantFrom(null, 0, 125),
    }),
    { maxLength: 2 },
  ),
  ties: fc.array(
    fc.record({
      kind: fc.constantFrom('partner', 'pet', 'referred_by'),
      name: fc.constantFrom('Dana Lind', 'Rex', 'Marsh; Gideon'),
      birthday: fc.constantFrom(null, '05-04', '1980-05-04'),
      words: fc.constantFrom('', 'met at school', 'a; b, c'),
    }),
    { maxLength: 2 },
  ),
}) as unknown as fc.Arbitrary<ExportedPerson>;

test('what goes out as CSV comes back in without loss', () => {
  fc.assert(
    fc.property(fc.array(person, { minLength: 1, maxLength: 4 }), (people) => {
      const { people: back, faults } = load(csvHead(COLUMNS, OWN) + csvRows(people, COLUMNS, OWN));
      expect(faults).toEqual([]);
      expect(
        back.map(({ fields, tags, circle, promiseDays, notes, touches, jobs, related }) => ({
          fields,
          tags,
          circle,
          promiseDays,
          notes,
          touches,
          jobs,
          ties: related.map(({ kind, name, birthday = null, words }) => ({
            kind,
            name,
            birthday,
            words,
          })),
        })),
      ).toEqual(people);
    }),
    { numRuns: 300 },
  );
});

// RFC 4180: CRLF between rows, quotes doubled, fields with commas, quotes or line ends in quotes.
test('a file is CSV as RFC 4180 has it, and a general reader agrees', () => {
  const one: ExportedPerson = {
    fields: { ...NOBODY, givenName: 'Rosa "Ro"', company: 'Net, Loft' },
    tags: [],
    circle: '',
    promiseDays: null,
    notes: [{ on: '2026-01-02', body: 'two\nlines' }],
    touches: [],
    jobs: [],
    ties: [],
  };
  const columns = ['givenName', 'company', 'note'] as const;
  const csv = csvHead(columns, []) + csvRows([one], columns, []);
  expect(csv).toBe(
    '\uFEFFFirst name,Company,Last note\r\n"Rosa ""Ro""","Net, Loft","two\nlines"\r\n',
  );
  expect(Papa.parse<string[]>(csv.slice(1).trimEnd()).data[1]).toEqual([
    'Rosa "Ro"',
    'Net, Loft',
    'two\nlines',
  ]);
});

// The list of OWASP's page on CSV injection.
test.each(['=1+1', '+1', '-1', '@SUM(A1)', '\t=1', '\r=1', "'=1"])(
  'the cell %j is no formula, and reads back as it was',
  (cell) => {
    expect(guard(cell)).toBe(`'${cell}`);
  },
);
test('other cells stay as they are', () => {
  expect(['Rosa', "'tis", '(541) 555-0142', ''].map(guard)).toEqual([
    'Rosa',
    "'tis",
    '(541) 555-0142',
    '',
  ]);
});

test('several values in one cell', () => {
  fc.assert(
    fc.property(fc.array(word, { maxLength: 5 }), (words) => {
      expect(splitCell(joinCell(words))).toEqual(words);
    }),
  );
  expect(readAddresses('12 Lantern Row')).toEqual([{ ...NO_ADDRESS, line: '12 Lantern Row' }]);
  const odd = { ...NO_ADDRESS, line: 'a | b; c\\', city: 'x', lat: 1, lon: 2 };
  expect(readAddresses(writeAddress(odd))).toEqual([odd]);
});

test('notes in one cell keep their days', () => {
  expect(readNotes('no day\nat all')).toEqual([{ on: null, body: 'no day\nat all' }]);
  const notes = [
    { on: '2026-01-02', body: 'one\n[2020-01-01] not a day of a note' },
    { on: '2025-01-02', body: 'two' },
  ];
  expect(readNotes(writeNotes(notes))).toEqual(notes);
});

test.each([
  ['1,250.50', 1250.5],
  ['$ 1 250', 1250],
  ['12,5', 12.5],
  ['-3', -3],
  ['1.2.3', null],
  ['about 3', null],
])('the number %j', (text, value) => {
  expect(readNumber(text)).toBe(value);
});

test.each([
  ['money', '1,250.50', 125050],
  ['money', 'much', null],
  ['date', '31/02', null],
  ['date', '5/4/2020', '2020-05-04'],
  ['flag', 'Yes', true],
  ['flag', 'maybe', null],
  ['choice', 's', 'S'],
  ['choice', 'XL', null],
  ['number', 'ten', null],
] as const)('an own field of %s reads %j', (type, text, value) => {
  expect(readOwnValue({ type, choices: ['S', 'L'] }, text)).toBe(value);
});

describe('pasted names', () => {
  test('parted by commas, semicolons and lines, with names in the ways mail programs write them', () => {
    const { people, faults } = readPasted(
      'Rosa Lind <rosa@example.com>, "Marsh, Gideon" <gideon@example.org>;bo@example.net\nAna Osei\n(201) 555-0123',
    );
    expect(faults).toEqual([]);
    expect(
      people.map(({ fields: f }) => [
        f.givenName,
        f.familyName,
        f.emails[0]?.value ?? f.phones[0]?.value,
      ]),
    ).toEqual([
      ['Rosa', 'Lind', 'rosa@example.com'],
      ['Gideon', 'Marsh', 'gideon@example.org'],
      ['', '', 'bo@example.net'],
      ['Ana', 'Osei', undefined],
      ['', '', '+12015550123'],
    ]);
  });

  // RFC 5322, 3.4.1 and appendix A: good ones and bad ones.
  test.each([
    ['jdoe@machine.example', true],
    ['"Joe Q. Public" <john.q.public@example.com>', true],
    ['Mary Smith <mary@x.test>', true],
    ['one@y.test', true],
    ['a.b+c@example.com', true],
    ['a..b@example.com', false],
    ['.a@example.com', false],
    ['a@', false],
    ['@example.com', false],
    // A name before an address needs no signs between.
    ['a b@example.com', true],
    ['<<a@example.com>', true],
    ['12 !! 34', false],
  ])('%s', (text, good) => {
    const { people, faults } = readPasted(text);
    expect(people.some(({ fields }) => fields.emails.length > 0)).toBe(good);
    expect(faults.filter(({ leftOut }) => leftOut)).toHaveLength(good ? 0 : 1);
  });

  test('the same address twice counts once; rubbish is told', () => {
    const { people, faults } = readPasted('a@example.com; A@example.com; ???');
    expect(people).toHaveLength(1);
    expect(faults.map(({ why }) => why)).toEqual([
      'a@example.com is there twice; it is taken once.',
      '“???” is neither a name nor an e-mail address.',
    ]);
  });

  test('no text breaks it', () => {
    fc.assert(fc.property(fc.string(), (text) => void readPasted(text)));
  });
});

/** Two thousand people of the generator, each with a name to be known by. */
const THOUSANDS = fc
  .sample(person, { numRuns: 2_000, seed: 14 })
  .map((one, i) => ({ ...one, fields: { ...one.fields, givenName: `N${i}` } }));
const toldOf = (people: readonly { fields: PersonFields; tags: string[] }[]) =>
  people.map(({ fields, tags }) => ({ fields, tags }));

test('two thousand people come back from CSV and from a spreadsheet, without loss', async () => {
  const csv = csvHead(COLUMNS, OWN) + csvRows(THOUSANDS, COLUMNS, OWN);
  expect(toldOf(load(csv).people)).toEqual(toldOf(THOUSANDS));
  // A general library reads the file and writes the same cells as a spreadsheet.
  const cells = Papa.parse<string[]>(csv.slice(1).trimEnd()).data;
  const bytes = new Uint8Array(
    await writeSheet(cells.map((row) => row.map((cell) => cell || null))).toBuffer(),
  );
  const read = await readImportFile({ bytes, pasted: false, mapping: null, own: OWN, today });
  if (!read.ok) throw new Error(read.fault.sentence);
  expect(toldOf(read.file.people)).toEqual(toldOf(THOUSANDS));
}, 120_000);

test('two thousand people come back from cards, without loss', () => {
  const cards = THOUSANDS.map((one, i) =>
    writeVCard({
      ...one,
      id: `0190a000-0000-7000-8000-${String(i).padStart(12, '0')}`,
      photo: null,
      ownByName: Object.fromEntries(
        OWN.flatMap(({ id, name }) => (id in one.fields.own ? [[name, one.fields.own[id]!]] : [])),
      ),
    }),
  );
  const read = readVCards(cards.join(''), OWN, today);
  if (!read.ok) throw new Error(read.reason);
  expect(read.faults).toEqual([]);
  expect(toldOf(read.people)).toEqual(toldOf(THOUSANDS));
}, 120_000);
