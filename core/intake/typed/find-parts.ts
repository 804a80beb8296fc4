import { need } from '@/core/need';
import { readDate, type DateReading } from '@/core/time';
import { STREET_WORDS } from '@/core/same';

import { readWholeAddress } from '../rows/address';
import { readEmail, readLink, readPhone } from '../rows/reach';

/** What was found in a text, and for what it was taken. */
export type Part =
  | { is: 'email' | 'phone' | 'link'; value: string; label: string }
  | { is: 'tag'; value: string }
  | { is: 'birthday' | 'wedding'; on: string }
  | {
      is: 'address';
      line: string;
      city: string;
      region: string;
      postalCode: string;
      country: string;
    }
  | { is: 'referredBy' | 'partner' | 'child'; name: string }
  | { is: 'unread'; text: string };

/** Stands where a part was taken out: what is before and behind it does not belong together. */
export const GAP = '\u241E';

/** A text with its parts taken out, each leaving a {@link GAP}. */
interface Found {
  rest: string;
  parts: Part[];
}

type Taker = (found: Found) => void;

/** Takes out what `pattern` finds where `read` makes something of it. */
function take(
  found: Found,
  pattern: RegExp,
  read: (match: RegExpExecArray) => Part | Part[] | null,
) {
  found.rest = found.rest.replace(pattern, (...args: unknown[]) => {
    const groups = args.findIndex((arg) => typeof arg === 'number');
    const match = args.slice(0, groups) as unknown as RegExpExecArray;
    const parts = read(match);
    if (parts === null) return need(match[0]);
    found.parts.push(...(Array.isArray(parts) ? parts : [parts]));
    return GAP;
  });
}

const LABEL =
  '(?:\\b(cell|mobile|home|work|office|fax)\\s*(?:phone|tel|e-?mail|number)?\\s*[:.]?\\s*)?';
const LABELS: Record<string, string> = { cell: 'mobile', office: 'work' };
const labelOf = (word = '') => LABELS[word.toLowerCase()] ?? word.toLowerCase();

const tags: Taker = (found) =>
  take(found, /(?<![\p{L}\p{N}/])#([\p{L}\p{N}_-]+)/gu, ([, value]) => ({
    is: 'tag',
    value: need(value),
  }));

const emails: Taker = (found) => {
  take(
    found,
    new RegExp(`${LABEL}<?\\s*([^\\s<>,;()"]+@[^\\s<>,;()"]+)\\s*>?`, 'giu'),
    ([whole, label, text]) => {
      const value = readEmail(need(text).replace(/[.:]+$/, ''));
      return value
        ? { is: 'email', value, label: labelOf(label) }
        : { is: 'unread', text: whole.trim() };
    },
  );
  take(found, /\S+@\S*/gu, ([whole]) => ({ is: 'unread', text: whole }));
};

const links: Taker = (found) =>
  take(found, /(?:https?:\/\/|www\.)[^\s,;<>]+/giu, ([text]) => {
    const value = readLink(text);
    return value ? { is: 'link', value, label: '' } : null;
  });

/** Up to so many words behind "birthday" may make its date. */
const DATE = /^(?:[\p{L}\d./’'-]+,?\s*){1,4}/u;

/** The longest beginning of the words that is a date, and what is left of them. */
function leadingDate(words: string, reading: DateReading): { on: string; rest: string } | null {
  const tokens = words.split(/(?<=\s)/);
  for (let n = tokens.length; n > 0; n--) {
    const on = readDate(tokens.slice(0, n).join('').trim().replace(/,$/, ''), reading);
    if (on) return { on, rest: tokens.slice(n).join('') };
  }
  return null;
}

function dated(is: 'birthday' | 'wedding', keyword: string, reading: DateReading): Taker {
  const said = new RegExp(`\\b(?:${keyword})\\b(?:\\s+(?:is|on|day|date))*[:\\s]+`, 'giu');
  // "4 May birthday"
  const before = new RegExp(`((?:[\\p{L}\\d./-]+\\s+){1,3})(?:${keyword})\\b`, 'giu');
  return (found) => {
    for (const match of [...found.rest.matchAll(said)].reverse()) {
      const from = match.index + match[0].length;
      const words = (DATE.exec(found.rest.slice(from))?.[0] ?? '').trimEnd();
      const read = leadingDate(words, reading);
      const [nothing = ''] = words.split(/[,;]/);
      if (read) found.parts.push({ is, on: read.on });
      else if (is === 'birthday' && /\d/.test(nothing))
        found.parts.push({ is: 'unread', text: `${match[0]}${nothing}`.trim() });
      else continue;
      const taken = read ? words.length - read.rest.length : nothing.length;
      found.rest = `${found.rest.slice(0, match.index)}${GAP}${found.rest.slice(from + taken)}`;
    }
    found.rest = found.rest.replace(before, (whole: string, words: string) => {
      const tokens = words.trimEnd().split(/(?<=\s)/);
      for (let n = 0; n < tokens.length; n++) {
        const on = readDate(tokens.slice(n).join('').trim(), reading);
        if (!on) continue;
        found.parts.push({ is, on });
        return `${tokens.slice(0, n).join('')}${GAP}`;
      }
      return whole;
    });
  };
}

const PERSON =
  "(\\p{Lu}[\\p{L}\\p{M}'’.-]*(?:\\s+(?:(?:de|la|van|von|der|del|di|da)\\s+)*\\p{Lu}[\\p{L}\\p{M}'’-]*)*)";

const ties: Taker = (found) => {
  take(
    found,
    new RegExp(
      `\\b(?:sent|referred|introduced|recommended)\\s+by\\s+(?:${PERSON}|([^,;${GAP}\\n]+))`,
      'giu',
    ),
    ([, name, other]) => ({
      is: 'referredBy',
      name: need(name ?? other).trim(),
    }),
  );
  const people = `${PERSON}((?:\\s*(?:,|&|\\band\\b)\\s*\\p{Lu}[\\p{L}'’-]*(?![\\p{L}\\s]*@))*)`;
  take(
    found,
    new RegExp(
      `\\b(?:[Mm]arried to|[Ww]ife|[Hh]usband|[Pp]artner|[Ss]pouse)(?:\\s+is)?[:\\s]+${PERSON}`,
      'gu',
    ),
    ([, name]) => ({
      is: 'partner',
      name: need(name),
    }),
  );
  take(
    found,
    new RegExp(
      `\\b(?:[Cc]hildren|[Kk]ids|[Cc]hild|[Kk]id|[Ss]on|[Dd]aughter|[Ss]ons|[Dd]aughters)(?:\\s+(?:is|are))?[:\\s]+${people}`,
      'gu',
    ),
    ([, first, more]) =>
      [need(first), ...(more ?? '').split(/\s*(?:,|&|\band\b)\s*/)]
        .filter(Boolean)
        .map((name) => ({ is: 'child', name })),
  );
};

const phones =
  (country?: string): Taker =>
  (found) =>
    take(
      found,
      new RegExp(
        `${LABEL}(?<![\\p{L}\\d])((?:\\+|\\()?\\d[\\d\\s().\\-/]{5,}\\d(?:\\s*(?:x|ext\\.?|extension)\\s*\\d+)?)`,
        'giu',
      ),
      ([, label, text]) => {
        const tidy = need(text)
          .trim()
          .replace(/extension/i, 'x');
        const value = readDate(tidy) === null ? readPhone(tidy, country) : null;
        return value ? { is: 'phone', value, label: labelOf(label) } : null;
      },
    );

const STREET = new RegExp(
  `\\d+[a-z]?(?:-\\d+)?\\s+((?:[\\p{L}\\d.'’-]+\\s+){0,4}?)(?:${STREET_WORDS.join('|')})\\b(?:\\s+(?:${STREET_WORDS.join('|')})\\b)?\\.?(?:\\s+(?:n|s|e|w|ne|nw|se|sw)\\b)?(?:,?\\s*(?:#|apt|unit|suite|ste|apartment)\\.?\\s*[\\w-]+)?`,
  'giu',
);
/** Words that no street is called by: "3 times at the lake" is none. */
const NO_STREET =
  /\b(?:at|the|in|of|and|a|an|to|on|for|with|from|times|years|days|weeks|kids|children|people|ago|near)\b/i;
const TOWN =
  /^,?\s*(\p{L}[\p{L} .'’-]*?),?\s+(?:([A-Z]{2})\.?,?\s+)?(\d{5}(?:-\d{4})?)\b|^,?\s*(\p{L}[\p{L} .'’-]*?),\s*([A-Z]{2})\b/u;

/** A street with its number, and the town behind it with its state or postal code. */
const addresses: Taker = (found) => {
  for (const match of [...found.rest.matchAll(STREET)].reverse()) {
    if (NO_STREET.test(need(match[1]))) continue;
    const line = match[0].trim().replace(/,$/, '');
    const behind = found.rest.slice(match.index + match[0].length);
    const town = TOWN.exec(behind);
    const whole = town ? `${line}, ${town[0].replace(/^,?\s*/, '')}` : line;
    const read = readWholeAddress(whole);
    found.parts.push({
      is: 'address',
      ...(read ?? {
        line,
        city: town?.[4] ?? '',
        region: town?.[5] ?? '',
        postalCode: '',
        country: '',
      }),
    });
    found.rest = `${found.rest.slice(0, match.index)}${GAP}${behind.slice(town?.[0].length ?? 0)}`;
  }
};

/** How days are read, and the owner's country (ISO 3166), whose phone numbers are written without its own. */
export type PartsReading = DateReading & { country?: string };

/**
 * Finds what can be told anywhere in a text, with or without commas: e-mails, phones, links, #tags, days,
 * streets, who sent somebody, partners and children. Answers them, and the rest of the text with a
 * {@link GAP} for each.
 */
export function findParts(text: string, reading: PartsReading = {}): Found {
  const found: Found = { rest: text, parts: [] };
  const past = { ...reading, past: true };
  const takers = [
    tags,
    emails,
    links,
    dated('birthday', 'birthday|born|b-?day|dob', past),
    dated(
      'wedding',
      'wedding anniversary|wedding day|wedding|married on|married|anniversary',
      past,
    ),
    addresses,
    phones(reading.country),
    ties,
  ];
  for (const taker of takers) taker(found);
  return found;
}
