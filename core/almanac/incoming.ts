import { need } from '@/core/need';

import { BIRTHDAY, OLDEST_YEAR } from './occasion';

/** What an event of somebody else's calendar says, as far as it says it. */
export interface ReadEvent {
  /** Whose day it is, as they are called there; several where it says so. */
  who: string[];
  /** What the date would be called. */
  name: string;
  /** The year in which it began; null where it is not said. */
  year: number | null;
}

/** Words for a birthday in the languages that calendars are often in (Unicode CLDR has none; from memory). */
const BIRTHDAYS =
  'birthday|b-?day|geburtstag|anniversaire|cumplea[nñ]os|aniversario|anivers[aá]rio|compleanno|verjaardag|f[oø]dselsdag|f[oö]delsedag|syntym[aä]p[aä]iv[aä]|urodziny|narozeniny|день рождения|誕生日|生日';
const WEDDINGS =
  'wedding(?: day| anniversary)?|anniversary|hochzeitstag|hochzeit|boda|mariage|nozze';

const IS_BIRTHDAY = new RegExp(`(?:${BIRTHDAYS})`, 'iu');
const IS_WEDDING = new RegExp(`\\b(?:${WEDDINGS})\\b`, 'iu');
const OCCASION = new RegExp(
  `(?:\\bhappy\\b|\\bhat\\b|\\b\\d{1,3}(?:st|nd|rd|th|\\.)?\\s+(?=${BIRTHDAYS}|${WEDDINGS})|${BIRTHDAYS}|\\b(?:${WEDDINGS})\\b)`,
  'giu',
);
/** Small words and signs around a name, once the occasion is taken out. */
const SMALL =
  /^(?:(?:of|for|von|vom|de|du|des|del|della|di|da|do|van|to)\s+|[:,–-]\s*)|\s*(?:[:,–-]|’s|'s|’|')\s*$/gu;

/**
 * What a summary like "Rosa Lind’s 46th birthday", "Wedding: Dana & Lee Marsh" or "Geburtstag von Ana" says. Null
 * where it names no occasion that is known, and its event does not say of itself that it is a birthday.
 */
export function readSummary(summary: string, isBirthday = false): ReadEvent | null {
  const text = summary.normalize('NFC').replace(/[\p{Extended_Pictographic}\uFE0F\u200D]/gu, ' ');
  const birthday = isBirthday || IS_BIRTHDAY.test(text) || /🎂|🎉|🎈/u.test(summary);
  const wedding = !birthday && IS_WEDDING.test(text);
  const year = Number(/\((?:\*\s*)?((?:18|19|20)\d\d)\)/.exec(text)?.[1] ?? NaN);
  const [before, after] = splitAt(text);
  const named = !birthday && !wedding ? nameOf(before, after) : null;
  if (!birthday && !wedding && !named) return null;
  const whole = (named ? before : text)
    .replace(/\([^)]*\)/g, ' ')
    .replace(named ? /$^/ : OCCASION, ' ')
    .replace(/\s+/g, ' ');
  return {
    who: whoIn(tidy(whole)),
    name: birthday ? BIRTHDAY : wedding ? 'wedding' : need(named),
    year: Number.isNaN(year) || year < OLDEST_YEAR ? null : year,
  };
}

/** "Rosa Lind: moved in" in its two parts; the second is empty where there is one alone. */
function splitAt(text: string): [string, string] {
  const at = text.search(/:\s/);
  return at < 0 ? [text, ''] : [text.slice(0, at), text.slice(at + 1).trim()];
}

const nameOf = (before: string, after: string): string | null =>
  before.trim() && after
    ? after
        .replace(/\([^)]*\)/g, '')
        .trim()
        .slice(0, 80) || null
    : null;

function tidy(text: string): string {
  let now = text.trim();
  for (let before = ''; before !== now;) {
    before = now;
    now = now.replace(SMALL, '').trim();
  }
  return now;
}

/** "Dana & Lee Marsh" are Dana Marsh and Lee Marsh. */
function whoIn(text: string): string[] {
  const parts = text.split(/\s*(?:&|\+|\band\b|\bund\b|\bet\b|\by\b)\s*/iu).filter(Boolean);
  const family = parts.at(-1)?.split(' ').slice(1).join(' ') ?? '';
  return parts.map((part) => (part.includes(' ') || !family ? part : `${part} ${family}`));
}
