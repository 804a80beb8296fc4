import { Random } from '@/demo/random';
import { NO_ADDRESS, NOBODY, type PersonFields } from '@/core/people';
import { traitsOf, type Known } from '@/core/same';

/** People with known doubles among them, for measuring detection. The same seed gives the same people. */
export interface Doubles {
  people: { id: string; fields: PersonFields }[];
  /** "id id" of each true pair. */
  pairs: ReadonlySet<string>;
}

const NICKNAMED = [
  ['Robert', 'Bob'],
  ['William', 'Bill'],
  ['Elizabeth', 'Beth'],
  ['Margaret', 'Peggy'],
  ['Katherine', 'Kate'],
  ['Thomas', 'Tom'],
  ['Michael', 'Mike'],
  ['Patricia', 'Trish'],
  ['James', 'Jim'],
  ['Susan', 'Sue'],
  ['Edward', 'Ted'],
  ['Rebecca', 'Becky'],
] as const;
const START =
  'Al Ber Cor Dal El Fen Gar Hal Ing Jor Kel Lor Mar Nor Os Pel Quin Ros Sten Tor Ul Ven Wal Yor Zel'.split(
    ' ',
  );
const MIDDLE = ['', 'a', 'be', 'di', 'ko', 'la', 'mi', 'no', 'ri', 'sa', 'ti', 'vo'];
const END = [
  'berg',
  'croft',
  'den',
  'ford',
  'gard',
  'holm',
  'kin',
  'ley',
  'man',
  'ney',
  'ott',
  'quist',
  'rand',
  'sen',
  'ton',
  'well',
];
const GIVEN_END = ['a', 'an', 'el', 'en', 'ia', 'in', 'is', 'o', 'on', 'us'];
const STREETS = [
  'Lantern Street',
  'Gannet Lane',
  'Brine Avenue',
  'Kelp Road',
  'Wick Court',
  'Reed Drive',
];

const pad = (n: number, to: number) => String(n).padStart(to, '0');
/** A few names are common and many are rare, as they are. */
const skewed = (random: Random, most: number) => Math.floor(most * random.next() ** 2.2);
const nameOf = (n: number, ends: readonly string[]) =>
  START[n % START.length]! +
  MIDDLE[Math.floor(n / START.length) % MIDDLE.length]! +
  ends[Math.floor(n / 300) % ends.length]!;

function makePerson(random: Random, i: number): PersonFields {
  const nicknamed = random.chance(0.25) ? random.pick(NICKNAMED)[0] : null;
  const givenName = nicknamed ?? nameOf(skewed(random, 900), GIVEN_END);
  const familyName = nameOf(skewed(random, 4000), END);
  return {
    ...NOBODY,
    givenName,
    familyName,
    emails: random.chance(0.85)
      ? [{ value: `${givenName}.${familyName}${i}@example.com`.toLowerCase(), label: '' }]
      : [],
    phones: random.chance(0.9) ? [{ value: phoneOf(random), label: '' }] : [],
    addresses: random.chance(0.8) ? [homeOf(random)] : [],
    birthday: random.chance(0.5) ? birthdayOf(random, 1940) : null,
  };
}

// Random numbers, so that they collide as seldom as real ones; never dialled, never shown.
const phoneOf = (random: Random) => `+1541${pad(random.int(2_000_000, 9_999_999), 7)}`;
const homeOf = (random: Random) => ({
  ...NO_ADDRESS,
  line: `${random.int(1, 900)} ${random.pick(STREETS)}`,
  city: 'Port Ellery',
  postalCode: `000${random.int(10, 49)}`,
});
const birthdayOf = (random: Random, from: number) =>
  `${random.int(from, from + 50)}-${pad(random.int(1, 12), 2)}-${pad(random.int(1, 28), 2)}`;

/** One typing fault: two letters swapped, one left out, doubled or wrong. */
function typo(random: Random, name: string): string {
  const at = random.int(1, Math.max(1, name.length - 2));
  const [a, b] = [name[at]!, name[at + 1] ?? ''];
  return random.pick([
    name.slice(0, at) + b + a + name.slice(at + 2),
    name.slice(0, at) + name.slice(at + 1),
    name.slice(0, at) + a + name.slice(at),
    name.slice(0, at) + random.pick([...'aeiounrst']) + name.slice(at + 1),
  ]);
}

const WAYS: Record<string, (random: Random, p: PersonFields) => Partial<PersonFields>> = {
  typed: (random, p) =>
    random.chance(0.5)
      ? { familyName: typo(random, p.familyName) }
      : { givenName: typo(random, p.givenName) },
  nickname: (_, p) => ({
    givenName: NICKNAMED.find(([formal]) => formal === p.givenName)?.[1] ?? p.givenName,
  }),
  swapped: (_, p) => ({ givenName: p.familyName, familyName: p.givenName, emails: [] }),
  moved: (random) => ({ addresses: [homeOf(random)], birthday: null }),
  newPhone: (random) => ({ phones: [{ value: phoneOf(random), label: '' }] }),
  newEmail: (random, p) => ({
    emails: [
      { value: `${p.familyName}${random.int(1, 9999)}@example.org`.toLowerCase(), label: '' },
    ],
  }),
  written: (_, p) => ({
    givenName: p.givenName.toUpperCase(),
    familyName: p.familyName.toUpperCase(),
    addresses: p.addresses.map((a) => ({
      ...a,
      line: a.line.replace('Street', 'St.').replace('Avenue', 'Ave').replace('Road', 'Rd'),
    })),
    emails: p.emails.map(({ value }) => ({ value: value.toUpperCase(), label: '' })),
  }),
  short: (_, p) => ({
    addresses: [],
    birthday: null,
    ...(p.phones.length > 0 ? { emails: [] } : {}),
  }),
  initial: (_, p) => ({ givenName: `${p.givenName[0]}.`, birthday: null }),
};

export function makeDoubles(size: number, doubles: number, seed = 7): Doubles {
  const random = new Random(seed);
  const people: Doubles['people'] = [];
  const pairs = new Set<string>();
  const put = (fields: PersonFields) => {
    people.push({ id: `p${people.length}`, fields });
    return people.at(-1)!;
  };
  while (people.length < size - doubles) {
    const person = put(makePerson(random, people.length));
    const rest = size - doubles - people.length;
    if (rest > 0 && random.chance(0.2)) put(partnerOf(random, person.fields, people.length));
    else if (rest > 0 && random.chance(0.02)) put(sonOf(random, person.fields));
  }
  const ways = Object.keys(WAYS);
  for (let i = 0; i < doubles; i++) {
    const original = people[Math.floor((i * (size - doubles)) / doubles)]!;
    const way = WAYS[ways[i % ways.length]!]!;
    const double = put({ ...original.fields, ...way(random, original.fields) });
    pairs.add(`${original.id} ${double.id}`);
  }
  return { people, pairs };
}

/** They share a home, often a phone, now and then an e-mail address. */
function partnerOf(random: Random, p: PersonFields, i: number): PersonFields {
  const other = makePerson(random, i);
  return {
    ...other,
    familyName: p.familyName,
    addresses: p.addresses,
    phones: random.chance(0.4) ? p.phones : other.phones,
    emails: random.chance(0.1) ? p.emails : other.emails,
  };
}

/** Father and son of one name at one home; a suffix or a birthday tells them apart. */
function sonOf(random: Random, p: PersonFields): PersonFields {
  const son = { ...p, emails: [], birthday: birthdayOf(random, 1990) };
  if (random.chance(0.6) || !p.birthday) return { ...son, suffix: 'Jr.' };
  return son;
}

export const toKnown = (people: Doubles['people']): Known[] =>
  people.map(({ id, fields }) => ({ id, traits: traitsOf(fields) }));
