import { need } from '@/core/need';
import { NO_ADDRESS, type Address, type NamedDate, type Reach, fold } from '@/core/people';

import { findParts, GAP, type Part, type PartsReading } from './find-parts';
import { splitCouple, splitName, type SplitName } from '../rows/names';

/** Somebody whom a line names beside the person. */
export interface LineTie {
  kind: 'partner' | 'child' | 'referred_by';
  name: string;
}

export interface ReadLine {
  givenName?: string;
  familyName?: string;
  prefix?: string;
  suffix?: string;
  goesBy?: string;
  emails?: Reach[];
  phones?: Reach[];
  links?: Reach[];
  addresses?: Address[];
  birthday?: string;
  dates?: NamedDate[];
  roles?: string[];
  tags?: string[];
  note?: string;
  /** By its name. */
  circle?: string;
  ties?: LineTie[];
}

/** The names of the owner's lists, which a line may say. */
export interface LineLists {
  roles?: readonly string[];
  circles?: readonly string[];
}

const escape = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** Takes the names of a list out of a text where they stand as words of their own. */
function takeNamed(
  text: string,
  names: readonly string[],
  behind = '',
): { rest: string; found: string[] } {
  const found: string[] = [];
  let rest = text;
  for (const name of [...names].sort((a, b) => b.length - a.length)) {
    const pattern = new RegExp(
      `(?<![\\p{L}\\p{N}])${escape(fold(name))}s?${behind}(?![\\p{L}\\p{N}]|\\s+(?:of|to|from)\\s)`,
      'u',
    );
    // Where folding keeps the length, the places are the same.
    const match = fold(rest).length === rest.length ? pattern.exec(fold(rest)) : null;
    if (!match) continue;
    found.push(name);
    rest = `${rest.slice(0, match.index)}${GAP}${rest.slice(match.index + match[0].length)}`;
  }
  return { rest, found };
}

const PARTICLE =
  /^(?:de|del|della|di|da|do|dos|du|van|von|zu|der|den|ter|la|le|el|al|bin|ben|y|and|&|und|et)$/i;
const CASELESS = /^[^\p{Lu}\p{Ll}]*\p{Lo}/u;
const MOST_WORDS = 6;

/**
 * The name at the beginning of a text, and what is behind it: words that begin with a capital letter, or
 * are of a script that has none, with the particles among them. Where nothing is capital, up to three words.
 */
function leadingName(text: string): { name: string; rest: string } {
  const words = text.split(/\s+/).filter(Boolean);
  const isCapital = (word: string) => /^["“(]?\p{Lu}/u.test(word) || CASELESS.test(word);
  if (!words.some(isCapital)) {
    const most = words.length <= 3 ? words.length : 2;
    return { name: words.slice(0, most).join(' '), rest: words.slice(most).join(' ') };
  }
  let n = 0;
  while (n < words.length && n < MOST_WORDS) {
    const next = words[n + 1];
    if (
      !isCapital(need(words[n])) &&
      !(PARTICLE.test(need(words[n])) && next && (isCapital(next) || PARTICLE.test(next)))
    )
      break;
    n += 1;
  }
  return n === 0
    ? { name: '', rest: text }
    : { name: words.slice(0, n).join(' '), rest: words.slice(n).join(' ') };
}

/**
 * Reads one typed line into the parts of a person. E-mails, phones, links, days, streets, #tags, who sent
 * them, partner and children, and the names of roles and circles are found anywhere in it, with or without
 * commas; what stands before them is the name, the rest the note. `unread` lists what looks like something
 * but could not be read, such as a birthday on 31 February.
 * @example readTypedLine('Rosa Lind, 555-0142, birthday 4 May, #garden')
 */
export function readTypedLine(
  line: string,
  { roles = [], circles = [] }: LineLists = {},
  reading: PartsReading = {},
): { draft: ReadLine; unread: string[] } {
  const found = findParts(line.replaceAll(GAP, ' '), reading);
  const inCircle = takeNamed(found.rest, circles, '(?:\\s+circle)');
  const inRole = takeNamed(inCircle.rest, roles);
  const alone = takeAlone(inRole.rest, circles);
  const segments = alone.rest
    .split(new RegExp(`[,;\\n${GAP}]+`))
    .map((segment) => segment.replace(/^[\s:.–-]+|[\s:–-]+$/g, '').trim())
    .filter((segment) => /[\p{L}\p{N}]/u.test(segment));
  const { draft, unread } = draftOf(found.parts);
  const [circle] = [...inCircle.found, ...alone.found];
  if (circle) draft.circle = circle;
  if (inRole.found.length > 0) draft.roles = inRole.found;
  const notes = nameFrom(segments, line, draft);
  if (notes.length > 0) draft.note = notes.join(', ');
  return { draft, unread };
}

/** A circle's name counts where nothing else stands between commas. */
function takeAlone(text: string, circles: readonly string[]): { rest: string; found: string[] } {
  const found: string[] = [];
  const rest = text
    .split(/(?<=[,;\n])/)
    .filter((segment) => {
      const said = circles.find(
        (name) => fold(name) === fold(segment.replace(/[,;\n]/g, '').trim()),
      );
      if (said) found.push(said);
      return !said;
    })
    .join('');
  return { rest, found };
}

/** Puts the name into the draft; answers what is left, for the note. */
function nameFrom(segments: readonly string[], line: string, draft: ReadLine): string[] {
  const [first, second, ...more] = segments;
  if (first === undefined) return [];
  // "Lind, Rosa": two single words at the beginning, the family name first.
  const swapped =
    second !== undefined &&
    [first, second].every((word) => /^\p{Lu}[\p{L}\p{M}'’-]+$/u.test(word)) &&
    line.trim().startsWith(`${first},`);
  if (swapped) {
    Object.assign(draft, withoutGuess(splitName(`${first}, ${second}`)));
    return more;
  }
  const { name, rest } = leadingName(first);
  const later = [rest, ...segments.slice(1)].filter(Boolean);
  if (name === '') return later;
  const couple = splitCouple(name);
  Object.assign(draft, withoutGuess(couple?.[0] ?? splitName(name)));
  if (couple) {
    const other = [couple[1].givenName, couple[1].familyName].filter(Boolean).join(' ');
    draft.ties = [...(draft.ties ?? []), { kind: 'partner', name: other }];
  }
  return later;
}

const withoutGuess = ({ unsure: _unsure, also: _also, ...name }: SplitName): ReadLine => name;

function draftOf(parts: readonly Part[]): { draft: ReadLine; unread: string[] } {
  const draft: ReadLine = {};
  const unread: string[] = [];
  const push = <K extends 'emails' | 'phones' | 'links'>(key: K, reach: Reach) => {
    if (!draft[key]?.some(({ value }) => value === reach.value))
      draft[key] = [...(draft[key] ?? []), reach];
  };
  for (const part of parts)
    switch (part.is) {
      case 'email':
      case 'phone':
      case 'link':
        push(`${part.is}s`, { value: part.value, label: part.label });
        break;
      case 'tag':
        draft.tags = [...new Set([...(draft.tags ?? []), part.value])];
        break;
      case 'birthday':
        draft.birthday = part.on;
        break;
      case 'wedding':
        draft.dates = [{ name: 'Wedding', on: part.on }];
        break;
      case 'address': {
        const { is: _is, ...address } = part;
        draft.addresses = [...(draft.addresses ?? []), { ...NO_ADDRESS, ...address }];
        break;
      }
      case 'unread':
        unread.push(part.text);
        break;
      default:
        draft.ties = [
          ...(draft.ties ?? []),
          { kind: part.is === 'referredBy' ? 'referred_by' : part.is, name: part.name },
        ];
    }
  return { draft, unread };
}
