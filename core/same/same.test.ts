import { jaroWinkler } from './jaro-winkler';
import fc from 'fast-check';
import { parseLocation } from 'parse-address';

import { measureDoubles, measureHomes } from '@/bench/same';
import { NO_ADDRESS, NOBODY, type PersonFields } from '@/core/people';

import {
  addressKey,
  areNicknames,
  compare,
  findSame,
  matchKeys,
  nameSounds,
  shortLine,
  soundsOf,
  traitsOf,
  type Known,
} from '.';

type Brief = Partial<PersonFields> & { email?: string; phone?: string; home?: string };

const traits = ({ email, phone, home, ...rest }: Brief) =>
  traitsOf({
    ...NOBODY,
    ...rest,
    emails: email ? [{ value: email, label: '' }] : [],
    phones: phone ? [{ value: phone, label: '' }] : [],
    addresses: home ? [{ ...NO_ADDRESS, line: home, postalCode: '00012' }] : [],
  });

const rosa: Brief = {
  givenName: 'Rosa',
  familyName: 'Lind',
  email: 'rosa@example.com',
  phone: '+15415550142',
  home: '12 Lantern Street',
};
/** Names that look alike and are two. */
const LIKE_NAMES = [
  ['John', 'Joan'],
  ['Maria', 'Mario'],
  ['Paul', 'Paula'],
  ['Michael', 'Michelle'],
  ['Erik', 'Erika'],
] as const;

const verdict = (a: Brief, b: Brief) => compare(traits(a), traits(b)).verdict;

describe('published tables', () => {
  // Winkler 1990, "String Comparator Metrics and Enhanced Decision Rules in the Fellegi–Sunter Model
  // of Record Linkage", table of examples; values from memory, to three digits.
  test.each([
    ['SHACKLEFORD', 'SHACKELFORD', 0.982],
    ['DUNNINGHAM', 'CUNNIGHAM', 0.896],
    ['NICHLESON', 'NICHULSON', 0.956],
    ['JONES', 'JOHNSON', 0.832],
    ['MASSEY', 'MASSIE', 0.933],
    ['ABROMS', 'ABRAMS', 0.922],
    ['JERALDINE', 'GERALDINE', 0.926],
    ['MARHTA', 'MARTHA', 0.961],
    ['MICHELLE', 'MICHAEL', 0.921],
    ['JULIES', 'JULIUS', 0.933],
    ['DWAYNE', 'DUANE', 0.84],
  ])('Jaro–Winkler of %s and %s', (a, b, value) => {
    expect(jaroWinkler(a, b)).toBeCloseTo(value, 2);
  });

  // Philips 2000, "The Double Metaphone Search Algorithm": Smith and Schmidt meet in their second
  // and first code; the others are well-known pairs of one sound, from memory.
  test.each([
    ['smith', 'schmidt'],
    ['stephen', 'steven'],
    ['catherine', 'kathryn'],
    ['philip', 'filip'],
    ['meyer', 'maier'],
    ['knight', 'night'],
    ['wright', 'right'],
  ])('%s sounds like %s', (a, b) => {
    expect(soundsOf(a).some((code) => soundsOf(b).includes(code))).toBe(true);
  });

  // USPS Publication 28, appendix C1: each suffix as a general library of addresses abbreviates it.
  test.each(
    'Avenue Boulevard Circle Court Cove Crescent Crossing Drive Expressway Freeway Gardens Harbor Heights Highway Hill Island Junction Lake Landing Lane Loop Meadow Mount Parkway Place Plaza Point Ridge Road Square Station Street Terrace Trail Turnpike Valley View Village Way'
      .split(' ')
      .map((suffix) => [suffix]),
  )('the suffix %s', (suffix) => {
    const read = parseLocation(`12 Lantern ${suffix}, Port Ellery, CA`);
    expect(shortLine(`12 Lantern ${suffix}`)).toBe(`12 lantern ${read!.type!.toLowerCase()}`);
  });

  test.each([
    ['12 North Lantern Street, Apartment #4', '12 n lantern st apt 4'],
    ['12 N. Lantern St. Apt 4', '12 n lantern st apt 4'],
    ['3rd Avenue 5', '3 ave 5'],
    ['17 Hårbor Rd', '17 harbor rd'],
  ])('the line %s', (line, short) => {
    // "Harbor" within a name is shortened too; what counts is that both spellings meet.
    expect(shortLine(line)).toBe(shortLine(short));
  });
});

test('a street without a number is no home', () => {
  expect(addressKey({ ...NO_ADDRESS, line: 'Lantern Row', postalCode: '00012' })).toBeNull();
});

describe('one person or two', () => {
  test.each<[string, Brief, Brief, string]>([
    ['the same twice', rosa, rosa, 'sure'],
    ['a typing fault, same e-mail', rosa, { ...rosa, familyName: 'Lnid' }, 'sure'],
    ['a typing fault, same phone', rosa, { ...rosa, familyName: 'Lnid', email: '' }, 'ask'],
    [
      'a wrong first letter',
      { ...rosa, familyName: 'Okonjo' },
      { ...rosa, familyName: 'Ikonjo', email: '' },
      'ask',
    ],
    ['an e-mail alone', rosa, { email: 'Rosa@example.com' }, 'sure'],
    ['a list once more', { ...rosa, email: '' }, { ...rosa, email: '' }, 'sure'],
    [
      'twins of like names',
      { ...rosa, birthday: '1990-05-04' },
      { ...rosa, givenName: 'Rosalie', birthday: '1990-05-04' },
      'ask',
    ],
    ...LIKE_NAMES.map(([one, other]): [string, Brief, Brief, string] => [
      `${one} and ${other} of one home`,
      { ...rosa, givenName: one },
      { ...rosa, givenName: other },
      'different',
    ]),
    ['another middle initial', { ...rosa, middleName: 'J' }, { ...rosa, middleName: 'P.' }, 'ask'],
    ['an initial', rosa, { ...rosa, givenName: 'R.' }, 'ask'],
    ['no first name', rosa, { ...rosa, givenName: '' }, 'ask'],
    [
      'other birthdays',
      { ...rosa, birthday: '1950-03-01' },
      { ...rosa, birthday: '1950-04-01' },
      'ask',
    ],
    ['a couple and one of them', rosa, { ...rosa, givenName: 'Rosa & Tomas' }, 'ask'],
    [
      'who works there',
      { company: 'Net & Loft', phone: '555-0142' },
      { ...rosa, company: 'Net & Loft', phone: '555-0142' },
      'different',
    ],
    [
      'a nickname, same e-mail',
      { ...rosa, givenName: 'Robert', phone: '' },
      { ...rosa, givenName: 'Bob', phone: '' },
      'sure',
    ],
    ['swapped names', rosa, { ...rosa, givenName: 'Lind', familyName: 'Rosa' }, 'sure'],
    ['moved house', rosa, { ...rosa, home: '9 Kelp Lane' }, 'sure'],
    ['moved house, and no e-mail', rosa, { ...rosa, home: '9 Kelp Lane', email: '' }, 'ask'],
    [
      'the same name and nothing else known',
      { givenName: 'Rosa', familyName: 'Lind' },
      { givenName: 'Rosa', familyName: 'Lind' },
      'ask',
    ],
    [
      'a shared family phone and home',
      { ...rosa, email: '' },
      { ...rosa, givenName: 'Tomas', email: '' },
      'different',
    ],
    [
      'a couple with one e-mail address, phone and home',
      rosa,
      { ...rosa, givenName: 'Tomas' },
      'different',
    ],
    [
      'father and son by their suffix',
      { ...rosa, email: '', suffix: 'Sr.' },
      { ...rosa, email: '', familyName: 'Lind Jr' },
      'different',
    ],
    [
      'father and son by their birthdays',
      { ...rosa, email: '', birthday: '1950-03-01' },
      { ...rosa, email: 'son@example.com', birthday: '1979-08-12' },
      'ask',
    ],
    [
      'strangers of one name',
      rosa,
      {
        givenName: 'Rosa',
        familyName: 'Lind',
        email: 'other@example.com',
        phone: '+14585550100',
        home: '80 Gull Way',
      },
      'different',
    ],
    [
      'a local and a full number',
      { ...rosa, email: '' },
      { ...rosa, email: '', phone: '555-0142' },
      'ask',
    ],
    ['a firm twice', { company: 'Net & Loft' }, { company: 'Net & Loft' }, 'ask'],
  ])('%s', (_, a, b, expected) => {
    expect([expected, verdict(a, b)]).toEqual([expected, expected]);
  });

  test('the evidence is said in words', () => {
    expect(
      compare(traits(rosa), traits({ ...rosa, givenName: 'Roza', email: '' })).evidence,
    ).toEqual(['similar name', 'same phone', 'same address']);
    expect(areNicknames('bob', 'robert')).toBe(true);
    expect(areNicknames('bob', 'rosa')).toBe(false);
  });

  const name = fc.constantFrom('Rosa', 'Roza', 'Bob', 'Robert', 'Lind', 'Marsh', 'Å', '', 'Jr');
  const brief = fc.record({
    givenName: name,
    familyName: name,
    suffix: fc.constantFrom('', 'Jr', 'Sr'),
    email: fc.constantFrom('', 'a@example.com', 'b@example.com'),
    phone: fc.constantFrom('', '555-0101', '+15415550101'),
    home: fc.constantFrom('', '1 Kelp Lane', '1 Kelp Ln'),
    birthday: fc.constantFrom(null, '05-04', '1980-05-04', '1981-05-04'),
  });

  test('comparing is symmetric, and nobody is surely different from themselves', () => {
    fc.assert(
      fc.property(brief, brief, (a, b) => {
        const [x, y] = [compare(traits(a), traits(b)), compare(traits(b), traits(a))];
        expect(x.verdict).toBe(y.verdict);
        expect(x.score).toBeCloseTo(y.score, 9);
      }),
    );
  });

  test('everybody who is worth asking about shares a key, so that looking by keys misses nobody', () => {
    fc.assert(
      fc.property(brief, brief, (a, b) => {
        const [x, y] = [traits(a), traits(b)];
        if (compare(x, y).verdict !== 'sure') return;
        const keys = matchKeys(x);
        expect(matchKeys(y).some((key) => keys.includes(key))).toBe(true);
      }),
    );
  });
});

describe('finding pairs', () => {
  const known = (id: string, brief: Brief): Known => ({ id, traits: traits(brief) });

  test('each pair once, the likeliest first; with incoming, only those', () => {
    const people = [
      known('a', rosa),
      known('b', { ...rosa, givenName: 'Roza' }),
      known('c', { ...rosa, familyName: 'Linde', email: '' }),
      known('d', { givenName: 'Gideon', familyName: 'Marsh' }),
    ];
    const pairs = findSame(people);
    expect(pairs.map(({ a, b }) => `${a}${b}`).sort()).toEqual(['ab', 'ac', 'bc']);
    expect(pairs.map(({ score }) => score)).toEqual(
      pairs.map(({ score }) => score).toSorted((x, y) => y - x),
    );
    expect(findSame(people, new Set(['c'])).map(({ a, b }) => `${a}${b}`)).toEqual(
      expect.arrayContaining(['ac', 'bc']),
    );
    expect(findSame(people, new Set(['d']))).toEqual([]);
  });

  test('a crowd of one name is still looked at: who is there twice is found', () => {
    const named = { ...rosa, email: '', phone: '', home: '' };
    const people = Array.from({ length: 65 }, (_, i) =>
      known(`${i}`, { ...named, birthday: `19${i + 20}-03-04` }),
    );
    // Nothing but the name, which all of them share, brings the two together.
    const again = known('again', { ...named, birthday: '1950-03-04' });
    const pairs = findSame([...people, again], new Set(['again']));
    expect(pairs.some(({ a, b }) => a === '30' && b === 'again')).toBe(true);
  });

  test('two of one list are surely one only by what is their own', () => {
    const two = [known('a', { ...rosa, email: '' }), known('b', { ...rosa, email: '' })];
    expect(findSame(two)[0]!.verdict).toBe('sure');
    expect(findSame(two, new Set(['b']))[0]!.verdict).toBe('sure');
    expect(findSame(two, new Set(['a', 'b']))[0]!.verdict).toBe('ask');
    const mailed = [known('a', rosa), known('b', rosa)];
    expect(findSame(mailed, new Set(['a', 'b']))[0]!.verdict).toBe('sure');
  });

  test('an e-mail that a home shares is nobody’s own', () => {
    const home = [known('a', rosa), known('b', { ...rosa, givenName: 'Tomas' })];
    const again = known('c', { ...rosa, phone: '+15415550199' });
    expect(findSame([...home, again], new Set(['c']))).toMatchObject([
      { a: 'a', b: 'c', verdict: 'ask' },
    ]);
  });

  test('a number that a crowd shares brings nobody together', () => {
    const people = Array.from({ length: 80 }, (_, i) =>
      known(`${i}`, { givenName: `Given${i}`, familyName: `F${i}x`, phone: '+15415550100' }),
    );
    expect(findSame(people)).toEqual([]);
  });
});

test('names are found by their sound', () => {
  expect(nameSounds(traits({ givenName: 'Catherine', familyName: 'Meyer' }))).toEqual(
    expect.arrayContaining([soundsOf('kathryn')[0], soundsOf('maier')[0]]),
  );
});

test('on a generated set with known doubles, what is sure is right and little is missed', () => {
  const { precision, askedRecall } = measureDoubles(2_000, 300, 3);
  expect(precision).toBeGreaterThanOrEqual(0.999);
  expect(askedRecall).toBeGreaterThanOrEqual(0.98);
});

test('in homes and offices, which share names, numbers and addresses, nobody becomes another', () => {
  const { wrong, sure, askedRecall } = measureHomes(5);
  expect(sure).toBeGreaterThan(500);
  expect(wrong).toBe(0);
  expect(askedRecall).toBeGreaterThanOrEqual(0.98);
});
