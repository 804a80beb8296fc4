import { doubleMetaphone } from 'double-metaphone';

import { fold, type PersonFields } from '@/core/people';

import { addressKey } from './address';
import { formalNames } from './nicknames';

/** What same-person detection compares, folded and in one form. */
export interface Traits {
  given: string;
  goesBy: string;
  middle: string;
  family: string;
  suffix: string;
  company: string;
  emails: string[];
  /** Digits alone, without the country's 1 of North America. */
  phones: string[];
  homes: string[];
  birthday: string | null;
}

export type TraitFields = Pick<
  PersonFields,
  | 'givenName'
  | 'middleName'
  | 'familyName'
  | 'suffix'
  | 'goesBy'
  | 'company'
  | 'emails'
  | 'phones'
  | 'addresses'
  | 'birthday'
>;

const letters = (text: string) =>
  fold(text)
    .replace(/[^\p{L}\p{N}\s-]/gu, '')
    .replace(/[\s-]+/g, ' ')
    .trim();

const SUFFIXES: Record<string, string> = {
  jr: 'jr',
  junior: 'jr',
  sr: 'sr',
  senior: 'sr',
  ii: '2',
  iii: '3',
  iv: '4',
};

/** "Marsh Jr." kept in one field still has its suffix told apart. */
function splitSuffix(family: string, suffix: string): [string, string] {
  if (suffix) return [family, SUFFIXES[suffix] ?? suffix];
  const words = family.split(' ');
  const last = SUFFIXES[words.at(-1) ?? ''];
  return last && words.length > 1 ? [words.slice(0, -1).join(' '), last] : [family, ''];
}

export function traitsOf(p: TraitFields): Traits {
  const [family, suffix] = splitSuffix(letters(p.familyName), letters(p.suffix));
  const [given = '', ...more] = letters(p.givenName).split(' ');
  return {
    given,
    goesBy: letters(p.goesBy),
    middle: letters(p.middleName) || more.join(' '),
    family,
    suffix,
    company: letters(p.company),
    emails: p.emails.map(({ value }) => value.toLowerCase()),
    phones: p.phones.map(({ value }) => value.replace(/\D/g, '').replace(/^1(?=\d{10}$)/, '')),
    homes: p.addresses.map(addressKey).filter((key) => key !== null),
    birthday: p.birthday,
  };
}

const soundCache = new Map<string, readonly [string, string]>();
const CACHE_MOST = 50_000;

/** The codes of how a folded word sounds (double metaphone), first and second reading. */
export function soundsOf(word: string): readonly [string, string] {
  let codes = soundCache.get(word);
  if (!codes) {
    codes = doubleMetaphone(word);
    if (soundCache.size > CACHE_MOST) soundCache.clear();
    soundCache.set(word, codes);
  }
  return codes;
}

const sound = (word: string): string => soundsOf(word)[0] || word;

/** The first letter, whole: rarer scripts and characters take two units of a string. */
const firstLetter = (word: string): string => [...word][0]!;

/**
 * The keys under which somebody is looked up: people who share none are never compared. E-mail,
 * the last seven digits of a phone, the home, and how one name sounds with the first letter of
 * the other, both ways round, so that swapped names and a typing fault in either are found.
 */
export function matchKeys(t: Traits): string[] {
  const keys = new Set<string>();
  for (const email of t.emails) keys.add(`e:${email}`);
  for (const phone of t.phones) if (phone.length >= 7) keys.add(`p:${phone.slice(-7)}`);
  for (const home of t.homes) keys.add(`a:${home}`);
  const givens = new Set([t.given, t.goesBy].filter(Boolean).flatMap(formalNames));
  for (const given of givens) {
    if (!t.family) keys.add(`n:${sound(given)}`);
    else {
      keys.add(`n:${sound(t.family)} ${firstLetter(given)}`);
      keys.add(`n:${sound(given)} ${firstLetter(t.family)}`);
    }
  }
  if (givens.size === 0 && t.family) keys.add(`n:${sound(t.family)}`);
  if (givens.size === 0 && !t.family && t.company) keys.add(`c:${t.company}`);
  return [...keys];
}

/** How the words of a name sound, for a search that forgives spelling. */
export function nameSounds(t: Traits): string[] {
  const words = [t.given, t.goesBy, t.middle, t.family, t.company].join(' ').split(' ');
  return [...new Set(words.filter((word) => word.length > 2).flatMap((word) => soundsOf(word)))];
}
