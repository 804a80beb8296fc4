import Papa from 'papaparse';

import type { Random } from './random';
import { FAMILY, FIRMS, GIVEN, PLACES, TAGS } from './words';

export interface DemoPerson {
  'First name': string;
  'Last name': string;
  Company: string;
  'E-mail': string;
  Phone: string;
  Street: string;
  City: string;
  State: string;
  ZIP: string;
  Neighborhood: string;
  Birthday: string;
  Roles: string;
  Tags: string;
  Circle: string;
  Source: string;
}

/** People by circle: few close, many far. */
const CIRCLES = [
  { name: 'Inner', people: 24 },
  { name: 'Close', people: 58 },
  { name: 'Wider', people: 92 },
  { name: 'Outer', people: 66 },
] as const;

const pad = (n: number) => String(n).padStart(2, '0');
const slug = (text: string) => text.toLowerCase().replace(/[^a-z]/g, '');
/** Area codes for the 555-01xx numbers kept for fiction, so that 240 people can have one each. */
const AREAS = ['541', '458', '971'];

/** The sphere of Marisol Quane: about 240 people of Port Ellery, some with gaps in what is known. */
export function makePeople(random: Random): DemoPerson[] {
  const names = random.shuffled(
    GIVEN.flatMap((given) => FAMILY.map((family) => ({ given, family }))),
  );
  const numbers = random.shuffled(
    AREAS.flatMap((area) => Array.from({ length: 100 }, (_, i) => `${area}-555-01${pad(i)}`)),
  );
  const circles = CIRCLES.flatMap(({ name, people }) => Array.from({ length: people }, () => name));
  return withHomes(
    circles.map((circle, i) => onePerson(random, circle, names[i]!, numbers[i]!)),
    random,
  );
}

/** Of each so many people, one shares the home and the family name of the one before. */
const SHARES_HOME = 9;

/** Couples: every so often somebody lives with the one before them. */
function withHomes(people: DemoPerson[], random: Random): DemoPerson[] {
  const taken = new Set(people.map((p) => `${p['First name']} ${p['Last name']}`));
  return people.map((person, i) => {
    const other = people[i - 1];
    const name = `${person['First name']} ${other?.['Last name']}`;
    const apart = i % SHARES_HOME !== 0 || !other?.Street || taken.has(name);
    if (apart || other.Circle !== person.Circle) return person;
    taken.add(name);
    const { Street, City, ZIP, Neighborhood } = other;
    const shared = { Street, City, ZIP, Neighborhood, 'Last name': other['Last name'] };
    return {
      ...person,
      ...shared,
      'E-mail': mailOf(person['First name'], shared['Last name'], random),
    };
  });
}

const mailOf = (given: string, family: string, random: Random) =>
  `${slug(given)}.${slug(family)}@example.${random.pick(['com', 'org', 'net'])}`;

function onePerson(
  random: Random,
  circle: string,
  { given, family }: { given: string; family: string },
  number: string,
): DemoPerson {
  const place = random.pick(PLACES);
  const isSource = random.chance(circle === 'Inner' ? 0.5 : 0.15);
  const hasHome = random.chance(0.9);
  return {
    'First name': given,
    'Last name': family,
    Company: isSource || random.chance(0.1) ? random.pick(FIRMS) : '',
    'E-mail': random.chance(0.92) ? mailOf(given, family, random) : '',
    Phone: random.chance(0.95) ? number : '',
    Street: hasHome ? `${random.int(1, 98)} ${random.pick(place.streets)}` : '',
    City: hasHome ? 'Port Ellery' : '',
    State: '',
    ZIP: hasHome ? place.postalCode : '',
    Neighborhood: hasHome ? place.name : '',
    Birthday: random.chance(0.6) ? birthday(random) : '',
    Roles: roles(random, isSource),
    Tags: random.shuffled(TAGS).slice(0, random.int(0, 2)).join(';'),
    Circle: circle,
    Source: random.chance(0.3) ? 'Summer fair' : '',
  };
}

function birthday(random: Random): string {
  const monthDay = `${pad(random.int(1, 12))}-${pad(random.int(1, 28))}`;
  return random.chance(0.5) ? `${random.int(1948, 1996)}-${monthDay}` : monthDay;
}

function roles(random: Random, isSource: boolean): string {
  const list = isSource ? ['Referral source'] : [];
  if (!isSource || random.chance(0.4)) list.unshift('Past client');
  return list.join(';');
}

export const toCsv = (people: readonly DemoPerson[]): string => Papa.unparse([...people]);
