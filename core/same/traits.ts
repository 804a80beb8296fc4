import { doubleMetaphone } from 'double-metaphone';

import { need } from '@/core/need';
import { fold, isCarried, isOffice, type PersonFields } from '@/core/people';

import { homeKey } from './address';
import { formalNames } from './nicknames';

/** What same-person detection compares, folded and in one form. */
export interface Traits {
  /** Whether the form of address is a man's or a woman's; empty where it tells neither. */
  form: 'his' | 'her' | '';
  /** Whether the record is of two people: "Dana & Lee". */
  couple: boolean;
  given: string;
  goesBy: string;
  middle: string;
  family: string;
  suffix: string;
  company: string;
  emails: string[];
  /** Digits alone, without the country's 1 of North America. */
  phones: string[];
  /** Those of the phones that are said to be carried by one person. */
  mobiles: string[];
  /** Those that ring at work, where others are reached by them as well. */
  officePhones: string[];
  homes: string[];
  birthday: string | null;
}

export type TraitFields = Pick<
  PersonFields,
  | 'prefix'
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

const FORMS: Record<string, Traits['form']> = {
  mr: 'his',
  herr: 'his',
  sr: 'his',
  mrs: 'her',
  ms: 'her',
  miss: 'her',
  frau: 'her',
  sra: 'her',
};
const COUPLE = /[&+]|\b(?:and|und|y|et|e)\b/i;

const digits = (value: string) => value.replace(/\D/g, '').replace(/^1(?=\d{10}$)/, '');

export function traitsOf(p: TraitFields): Traits {
  const [family, suffix] = splitSuffix(letters(p.familyName), letters(p.suffix));
  const [given = '', ...more] = letters(p.givenName).split(' ');
  return {
    form: FORMS[letters(p.prefix)] ?? '',
    couple: COUPLE.test(p.givenName) || COUPLE.test(p.prefix),
    given,
    goesBy: letters(p.goesBy),
    middle: letters(p.middleName) || more.join(' '),
    family,
    suffix,
    company: letters(p.company),
    emails: p.emails.map(({ value }) => value.toLowerCase()),
    phones: p.phones.map(({ value }) => digits(value)),
    mobiles: p.phones.filter(({ label }) => isCarried(label)).map(({ value }) => digits(value)),
    officePhones: p.phones.filter(({ label }) => isOffice(label)).map(({ value }) => digits(value)),
    homes: p.addresses.map(homeKey).filter((key) => key !== ''),
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
const firstLetter = (word: string): string => need([...word][0]);

/** How a word goes on behind its first letter; the letters of a short one. */
const behindFirst = (word: string): string => [...word].slice(1, 5).join('');

/**
 * The keys under which somebody is looked up: people who share none are never compared. E-mail,
 * the last seven digits of a phone, the home, and how one name sounds with the first letter of
 * the other, both ways round, so that swapped names and a typing fault in either are found; and
 * with how the other goes on behind its first letter, which may be the wrong one.
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
      keys.add(`n:${sound(given)} *${behindFirst(t.family)}`);
      keys.add(`n:${sound(t.family)} *${behindFirst(given)}`);
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
