import { need } from '@/core/need';
import { fold, TIE_KINDS, TIE_WORDS, type TieKind, type TieSeen } from '@/core/people';
import { isPlainDate, readDate, type PlainDate } from '@/core/time';
import { KIND_WORDS, OUTCOME_WORDS, OUTCOMES, TOUCH_KINDS } from '@/core/touches';

import { joinCell, splitCell } from './cells';
import type { JobTold, Related, TieTold, TouchTold } from '../imported';

/** "2026-11-01 call, no answer; 2026-10-02 visit, reached" */
export const writeTouches = (touches: readonly TouchTold[]): string =>
  touches
    .map(
      ({ on, kind, outcome }) =>
        `${on} ${KIND_WORDS[kind].noun}, ${OUTCOME_WORDS[outcome].toLowerCase()}`,
    )
    .join('; ');

const kindNamed = (noun: string) => TOUCH_KINDS.find((kind) => KIND_WORDS[kind].noun === noun);
const outcomeNamed = (words: string) =>
  OUTCOMES.find((outcome) => fold(OUTCOME_WORDS[outcome]) === words);

/** A bare day is a talk on that day; anything else is answered as unread. */
export function readTouches(
  text: string,
  readDay: (text: string) => string | null,
  today: PlainDate,
): { touches: TouchTold[]; unread: string[] } {
  const touches: TouchTold[] = [];
  const unread: string[] = [];
  for (const part of text.split(';').map((piece) => piece.trim())) {
    if (part === '') continue;
    const told = /^(\d{4}-\d\d-\d\d) (.+), (.+)$/.exec(part);
    const kind = told ? kindNamed(need(told[2])) : 'other';
    const outcome = told ? outcomeNamed(fold(need(told[3]))) : 'reached';
    const on = told && kind && outcome ? need(told[1]) : readDay(part);
    if (on && isPlainDate(on) && on <= today)
      touches.push({ on, kind: kind ?? 'other', outcome: outcome ?? 'reached' });
    else unread.push(part);
  }
  return { touches, unread };
}

/** "Refinance | closed | 2026-05-04 | 25000000 | 125000": name, stage, day, value and fee. */
export const writeJobs = (jobs: readonly JobTold[]): string =>
  jobs
    .map(({ name, stage, on, valueMinor, feeMinor }) =>
      [name, stage, on ?? '', valueMinor ?? '', feeMinor ?? '']
        .map((part) => joinCell([String(part)]))
        .join(' | ')
        .replace(/(?: \| )+$/, ''),
    )
    .join('; ');

export function readJobCell(text: string): { jobs: JobTold[]; unread: string[] } {
  const jobs: JobTold[] = [];
  const unread: string[] = [];
  for (const part of splitUnescaped(text, ';')) {
    const [name = '', stage = '', on = '', value = '', fee = ''] = splitUnescaped(part, '|').map(
      (piece) => splitCell(piece, '').join(''),
    );
    const amounts = [value, fee].map((amount) => (amount === '' ? null : Number(amount)));
    const fits =
      name !== '' &&
      (on === '' || isPlainDate(on)) &&
      amounts.every((n) => n === null || Number.isSafeInteger(n));
    if (fits)
      jobs.push({
        name,
        stage,
        on: on === '' ? null : (on as PlainDate),
        valueMinor: amounts[0] ?? null,
        feeMinor: amounts[1] ?? null,
      });
    else unread.push(part);
  }
  return { jobs, unread };
}

/** Splits at a sign that is not escaped, and leaves the escapes as they are. */
const splitUnescaped = (text: string, sign: string): string[] =>
  text
    .split(new RegExp(`(?<!(?<!\\\\)(?:\\\\\\\\)*\\\\)\\${sign}`))
    .map((part) => part.trim())
    .filter((part, _, all) => part !== '' || all.length > 1);

/** "Partner: Dana Lind 1980-05-04 (met at school); Sent by: Gideon Marsh" */
export const writeTies = (ties: readonly TieTold[]): string =>
  joinCell(
    ties.map(({ kind, name, birthday, words }) =>
      [`${TIE_WORDS[kind]}: ${name}`, birthday, words && `(${words})`].filter(Boolean).join(' '),
    ),
  );

const TIE = /^([^:]+): (.+?)(?: ((?:\d{4}-)?\d\d-\d\d))?(?: \((.*)\))?$/s;

export function readTieCell(text: string): { ties: Related[]; unread: string[] } {
  const ties: Related[] = [];
  const unread: string[] = [];
  for (const part of splitCell(text, ';')) {
    const [, label = '', name = '', birthday, words = ''] = TIE.exec(part) ?? [];
    const kind = (Object.keys(TIE_WORDS) as TieSeen[]).find(
      (seen) => fold(TIE_WORDS[seen]) === fold(label),
    );
    const mine = TIE_KINDS.includes(kind as TieKind);
    // What is seen from the other side is told there as well.
    if (kind === 'parent' || kind === 'referred') continue;
    if (mine)
      ties.push({
        kind: kind as TieKind,
        name,
        words,
        meant: true,
        ...(birthday && readDate(birthday) ? { birthday } : {}),
      });
    else unread.push(part);
  }
  return { ties, unread };
}
