import type { ImportTarget } from '@/core/people';
import type { PlainDate } from '@/core/time';

/** Cells of one row by what they hold, and what could not be read of them. */
export interface Row {
  get(target: ImportTarget, glue?: string): string;
  /** The cells of every column that fills it, with which of several each is and its heading. */
  all(target: ImportTarget): { text: string; which: string; heading: string; column: number }[];
  /** Whether the file has a column for it at all. */
  has(target: ImportTarget): boolean;
  /** Notes a value that can't be read; it goes into the note, word for word. */
  unread(text: string, what: string): void;
  /** Tells a guess, or what went elsewhere. */
  tell(why: string): void;
  /** Puts a value into the note under a heading. */
  aside(heading: string, text: string): void;
  day(text: string, column: number, past?: boolean): string | null;
  today: PlainDate;
  /** The owner's country, whose numbers are written without its own. */
  country: string;
}

/** Reads a cell if there is something in it; what can't be read is noted. */
export function read<T>(
  row: Row,
  target: ImportTarget,
  reader: (text: string) => T | null,
  what: string,
) {
  const text = row.get(target);
  if (text === '') return null;
  const value = reader(text);
  if (value === null) row.unread(text, what);
  return value;
}

/** A day of a column that holds days, with or without a year. */
export function readDay(row: Row, target: ImportTarget, past = false): string | null {
  const [cell] = row.all(target);
  if (!cell) return null;
  const day = row.day(cell.text, cell.column, past);
  if (day === null) row.unread(cell.text, 'a day in the calendar');
  return day;
}

const SAME_LABEL: Record<string, string> = { mailing: '', 'home 2': 'home', other: 'other' };
/** What one of several is labelled: its kind, without the number that told two apart. */
export const labelOf = (which: string) =>
  SAME_LABEL[which] ?? which.replace(/ \d$/, '').replace(/^\d$/, '');
