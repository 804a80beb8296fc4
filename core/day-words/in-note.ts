import { need } from '@/core/need';
import {
  daysInMonth,
  isPlainDate,
  sentenceCase,
  type DateOrder,
  type PlainDate,
} from '@/core/time';

import { pad, parseDays, written } from './reader';

/** A day that a note tells of, and that may be kept as a date of theirs. */
export interface DayInNote {
  /** What it is, as the note says it: "Baby due"; "birthday" where it is their own. */
  name: string;
  /** The next such day, or the day itself where the note says the year. */
  on: PlainDate;
  /** The note tells no more than the month: the day is its first. */
  monthOnly: boolean;
}

/** What is short enough to be a word of another kind is a day only as it is written in a calendar: "Sat", "March". */
const DOUBTFUL = /^(?:sun|mon|tue|wed|thu|fri|sat|march|may|now|today|tonight|yesterday)\b/;
/** "The 3rd", without a month. */
const NTH =
  /\b(?:[Oo]n\s+)?[Tt]he\s+(\d{1,2})(?:st|nd|rd|th)\b(?!\s+(?:of|time|year|floor|child|\p{Lu}))/gu;
/** What separates one thing that a note says from the next. */
const BREAK = /[.!?](?:\s|$)|[;\n]|[:,]\s|\s+(?:and|but|so|then)\s+/i;
/** What is to be done by oneself is no date of theirs. */
const TASK =
  /^(?:call|ring|phone|write|text|e-?mail|ask|send|check|follow|visit|meet|remind|try)\b/i;
/** Small words around what a day is of. */
const BEFORE = new RegExp(
  "^(?:(?:and|but|so|that|now|also|says?|said|she|he|they|her|his|their|it|this|the|a|an|is|are|was|were|will|be|has|have|had|got|get|gets|getting|i|we|my|our)\\b|’s|'s|’re|'re|[-–:,])\\s*",
  'iu',
);
const BEHIND =
  /(?:^|\s)(?:in|on|at|by|around|about|for|from|until|till|since|this|next|coming|early|late|mid-?|the|is|are|was|be|will|to|and|of|falls?|comes?|[-–:,(])\s*$/iu;
/** "Rosa is moving": of whom it is said is known. */
const OF_WHOM = /^\p{Lu}[\p{L}’'-]*\s+(?=(?:is|are|will|has)\s)/u;
/** Days of theirs that were: what comes back each year began one day. */
const YEARLY = /\b(?:birthday|born|wedding|married|anniversary|moved in)\b/i;

function stripped(text: string, part: RegExp): string {
  let now = text.trim();
  for (let before = ''; now !== before;) {
    before = now;
    now = now.replace(part, '').trim();
  }
  return now;
}

interface Found {
  at: number;
  said: string;
  on: string;
  monthOnly: boolean;
  hasYear: boolean;
}

/**
 * Days that a note tells of, with what they are: "baby due in March", "moving on the 3rd", "her birthday is
 * May 4". Read by chrono-node; what is over, what is to be done by oneself ("call again in two weeks") and what
 * only may be a day ("sat with her") are left out.
 *
 * @param order whether "4/5" is the fifth of April, or the fourth of May
 * @example daysInNote('Baby due in March', plainDate('2026-11-25'))
 *   // [{ name: 'Baby due', on: '2027-03-01', monthOnly: true }]
 */
export function daysInNote(note: string, today: PlainDate, order: DateOrder = 'mdy'): DayInNote[] {
  const seen = new Set<string>();
  const months = named(note, today, order);
  const apart = (one: Found) => (other: Found) =>
    one.at + one.said.length <= other.at || other.at + other.said.length <= one.at;
  return [...months, ...nths(note, today).filter((one) => months.every(apart(one)))]
    .sort((a, b) => a.at - b.at)
    .flatMap((found): DayInNote[] => {
      const told = whatOf(note, found);
      if (!told || !isPlainDate(told.on)) return [];
      const { name, on, comesBack } = told;
      const key = name.toLowerCase();
      if (seen.has(key) || (on < today && !comesBack)) return [];
      seen.add(key);
      return [{ name, on, monthOnly: found.monthOnly }];
    });
}

/** Days that are told by their month or weekday. */
function named(note: string, today: PlainDate, order: DateOrder): Found[] {
  return parseDays(note, today, order, true).flatMap(({ text, index, start, end }) => {
    if (end || DOUBTFUL.test(text)) return [];
    const isDay = start.isCertain('day') || start.isCertain('weekday');
    if (!isDay && !start.isCertain('month')) return [];
    const on = isDay ? written(start) : written(start, 1);
    const hasYear = start.isCertain('year');
    return [{ at: index, said: text, on, monthOnly: !isDay, hasYear }];
  });
}

/** "The 3rd": the next one that comes. */
const nths = (note: string, today: PlainDate): Found[] =>
  [...note.matchAll(NTH)].flatMap((match) => {
    const nth = Number(match[1]);
    const [year, month] = today.split('-').map(Number) as [number, number];
    for (let n = 0; n < 3; n++) {
      const [y, m] = [year + Math.floor((month - 1 + n) / 12), ((month - 1 + n) % 12) + 1];
      const on = `${y}-${pad(m)}-${pad(nth)}`;
      if (nth >= 1 && nth <= daysInMonth(y, m) && on > today)
        return [{ at: match.index, said: match[0], on, monthOnly: false, hasYear: false }];
    }
    return [];
  });

interface Told {
  name: string;
  on: string;
  /** A day that was, of which the year is known and which comes back each year. */
  comesBack: boolean;
}

/** Of what a day is; null where the note does not say, or says that it is the owner's to do. */
function whatOf(note: string, { at, said, on, hasYear }: Found): Told | null {
  const before = need(note.slice(0, at).split(BREAK).at(-1));
  const behind = need(note.slice(at + said.length).split(BREAK)[0]);
  const bare = (text: string) => stripped(stripped(text, BEFORE), BEHIND);
  const name = bare(before.trim().replace(OF_WHOM, '')) || bare(behind);
  if (!name || TASK.test(name)) return null;
  const age = /^turn(?:s|ing)?\s+(\d{1,3})$/i.exec(name)?.[1];
  if (age) {
    const born = Number(on.slice(0, 4)) - Number(age);
    return { name: 'birthday', on: `${born}${on.slice(4)}`, comesBack: true };
  }
  return {
    name: /^(?:birthday|born)$/i.test(name) ? 'birthday' : sentenceCase(name.slice(0, 80).trim()),
    on,
    comesBack: hasYear && YEARLY.test(before + said + behind),
  };
}
