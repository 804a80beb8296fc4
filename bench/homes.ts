import { NO_ADDRESS, NOBODY, type PersonFields } from '@/core/people';
import { traitsOf, type Known } from '@/core/same';
import { Random } from '@/demo/random';

/** Homes and offices with the records that several lists hold of who lives and works there. */
export interface Homes {
  /** Records that are here, then those that come in. */
  known: Known[];
  incoming: ReadonlySet<string>;
  /** Of each record whose it is: several records of one person have the same. */
  whose: ReadonlyMap<string, string>;
}

/** Given names with one that looks like them and is another's, and what people make of the first (common names, from memory). */
const GIVEN =
  `John/Joan/Jack Maria/Mario/ Paul/Paula/ Michael/Michelle/Mike Erik/Erika/ Robert/Roberta/Bob
William/Wilma/Bill Daniel/Danielle/Dan Patrick/Patricia/Pat Stephen/Stephanie/Steve Christian/Christina/Chris
Alexander/Alexandra/Alex Joseph/Josephine/Joe Martin/Martina/ Anna/Anne/ Elena/Helena/ Carl/Carla/ Louis/Louise/
Katherine/Karen/Kate Thomas/Tamara/Tom Edward/Edwin/Ted Susan/Susanna/Sue James/Jane/Jim Marc/Marcia/`
    .split(/\s+/)
    .map((names) => names.split('/') as [string, string, string]);
const FAMILY_START = 'Al Ber Cor Dal Fen Gar Hal Jor Kel Lor Mar Nor Os Pel Ros Sten Tor Wal'.split(
  ' ',
);
const FAMILY_END =
  'berg croft den ford holm kin ley man ney quist sen ton well wick worth by'.split(' ');
const STREETS = 'Lantern Street,Gannet Lane,Brine Avenue,Kelp Road,Wick Court,Reed Drive'.split(
  ',',
);
const LETTERS = [...'abcdefghijklmnoprstuvw'];

const pad = (n: number, to: number) => String(n).padStart(to, '0');
const reach = (value: string, label = '') => ({ value, label });

class Town {
  readonly records: {
    id: string;
    whose: string;
    fields: PersonFields;
    here: boolean;
  }[] = [];
  constructor(readonly random: Random) {}

  phone = () => `+1541${pad(this.random.int(2_000_000, 9_999_999), 7)}`;
  day = (from: number) =>
    `${this.random.int(from, from + 12)}-${pad(this.random.int(1, 12), 2)}-${pad(this.random.int(1, 28), 2)}`;
  family = () =>
    this.random.pick(FAMILY_START) +
    this.random.pick(['', 'a', 'e', 'i', 'o', 'aba', 'eri', 'omi', 'ulo', 'iva', 'eno', 'oda']) +
    this.random.pick(FAMILY_END);

  add(whose: string, fields: PersonFields, here: boolean): void {
    this.records.push({ id: `r${this.records.length}`, whose, fields, here });
  }
}

/** One typing error anywhere, the first letter included. */
function slip(random: Random, word: string): string {
  const at = random.int(0, word.length - 1);
  const [a, b] = [word[at]!, word[at + 1] ?? ''];
  const letter = random.pick(LETTERS);
  return random.pick([
    word.slice(0, at) + b + a + word.slice(at + 2),
    word.slice(0, at) + word.slice(at + 1),
    word.slice(0, at) + letter + word.slice(at + 1),
    word.slice(0, at) + a + a + word.slice(at + 1),
  ]);
}

type Way = (town: Town, p: PersonFields, nickname: string) => Partial<PersonFields>;

/** How a second record of one person differs from the first. */
const WAYS: Way[] = [
  () => ({}),
  ({ random }, { familyName }) => ({ familyName: slip(random, familyName) }),
  ({ random }, { givenName }) => ({ givenName: slip(random, givenName) }),
  (_, { givenName }, nickname) => ({ givenName: nickname || givenName }),
  (_, { givenName, familyName }) => ({ givenName: familyName, familyName: givenName }),
  (town) => ({
    addresses: [
      {
        ...NO_ADDRESS,
        line: `${town.random.int(1, 2000)} ${town.random.pick(STREETS)}`,
        postalCode: '00049',
      },
    ],
  }),
  () => ({ addresses: [], birthday: null }),
  (town, { familyName }) => ({
    emails: [reach(`${familyName}${town.random.int(1, 99_999)}@example.net`)],
  }),
  (_, { givenName }) => ({ givenName: givenName.slice(0, 1) }),
  () => ({ emails: [], birthday: null }),
];

interface Member {
  givenName: string;
  nickname: string;
  born: number;
  suffix: string;
  birthday?: string;
}

/** Who lives in a home. */
function membersOfHome(town: Town): Member[] {
  const { random } = town;
  const pair = random.pick(GIVEN);
  const people: Member[] = [{ givenName: pair[0], nickname: pair[2], born: 1950, suffix: '' }];
  // Names of one home are often alike, or of one sound.
  if (random.chance(0.7))
    people.push({
      givenName: random.chance(0.3) ? pair[1] : random.pick(GIVEN)[1],
      nickname: '',
      born: 1950,
      suffix: '',
    });
  if (random.chance(0.1)) {
    people[0]!.suffix = random.chance(0.4) ? 'Sr.' : '';
    people.push({
      givenName: pair[0],
      nickname: pair[2],
      born: 1980,
      suffix: random.chance(0.8) ? 'Jr.' : '',
    });
  }
  if (random.chance(0.08)) {
    const [one, other] = random.pick(GIVEN);
    const birthday = town.day(1995);
    for (const givenName of [one, other])
      people.push({ givenName, nickname: '', born: 1995, suffix: '', birthday });
  }
  return people;
}

/** A home: one or two adults, children with their names, twins, a father and a son of one name. */
function makeHome(town: Town, n: number): void {
  const { random } = town;
  const home = `h${n}`;
  const familyName = town.family();
  const address = {
    ...NO_ADDRESS,
    line: `${n + 1} ${random.pick(STREETS)}`,
    postalCode: `000${10 + (n % 30)}`,
  };
  const [landline, shared] = [town.phone(), `${familyName}${n}@example.com`.toLowerCase()];
  const sharesMail = random.chance(0.25);
  const people = membersOfHome(town);
  const seen = new Set<string>();
  people.forEach((person, i) => {
    const { givenName, nickname, suffix } = person;
    // Two of one name, with nothing to tell them apart, nobody could tell apart.
    const twice = seen.has(givenName);
    seen.add(givenName);
    const own = `${givenName}.${familyName}${n}.${i}@example.org`.toLowerCase();
    const fields: PersonFields = {
      ...NOBODY,
      givenName,
      familyName,
      suffix,
      emails:
        sharesMail && !twice ? [reach(shared)] : random.chance(0.6) || twice ? [reach(own)] : [],
      phones: [
        ...(random.chance(0.6) ? [reach(landline, random.pick(['', 'home']))] : []),
        ...(random.chance(0.5) ? [reach(town.phone(), 'mobile')] : []),
      ],
      addresses: random.chance(0.9) ? [address] : [],
      birthday: person.birthday ?? (random.chance(0.5) || twice ? town.day(person.born) : null),
    };
    const whose = `${home} ${i}`;
    const here = random.chance(0.7);
    town.add(whose, fields, here);
    if (!random.chance(0.2)) return;
    // A second record says of somebody whom the first can reach.
    const changed = { ...fields, ...random.pick(WAYS)(town, fields, nickname) };
    if (changed.emails.length + changed.phones.length > 0)
      town.add(whose, changed, here ? random.chance(0.3) : true);
  });
  if (people.length > 1 && random.chance(0.1))
    town.add(
      `${home} couple`,
      {
        ...NOBODY,
        givenName: `${people[0]!.givenName} & ${people[1]!.givenName}`,
        familyName,
        phones: [reach(landline)],
        emails: sharesMail ? [reach(shared)] : [],
        addresses: [address],
      },
      true,
    );
}

/** An office: a company's record and some who work there, with one number and one address. */
function makeOffice(town: Town, n: number): void {
  const { random } = town;
  const office = `o${n}`;
  const company = `${town.family()} & Partners ${n}`;
  const common = {
    phones: [reach(town.phone(), 'work')],
    addresses: [
      { ...NO_ADDRESS, label: 'work', line: `${n + 1} Quay Street`, postalCode: '00045' },
    ],
    company,
  };
  town.add(office, { ...NOBODY, ...common, emails: [reach(`office${n}@example.com`)] }, true);
  const many = random.chance(0.01) ? 70 : random.int(1, 5);
  for (let i = 0; i < many; i++) {
    const fields = {
      ...NOBODY,
      ...common,
      givenName: random.pick(GIVEN)[i % 2 ? 1 : 0],
      familyName: town.family(),
    };
    town.add(
      `${office} ${i}`,
      { ...fields, emails: random.chance(0.5) ? [reach(`w${n}.${i}@example.com`)] : [] },
      random.chance(0.6),
    );
  }
}

/** So many homes, and an office for every twenty. The same seed gives the same. */
export function makeHomes(homes: number, seed = 7): Homes {
  const town = new Town(new Random(seed));
  for (let n = 0; n < homes; n++) {
    makeHome(town, n);
    if (n % 20 === 0) makeOffice(town, n / 20);
  }
  const records = town.records.toSorted((a, b) => Number(b.here) - Number(a.here));
  return {
    known: records.map(({ id, fields }) => ({ id, traits: traitsOf(fields) })),
    incoming: new Set(records.filter(({ here }) => !here).map(({ id }) => id)),
    whose: new Map(records.map(({ id, whose }) => [id, whose])),
  };
}
