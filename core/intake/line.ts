import type { Reach } from '@/core/people';
import { readDate } from '@/core/time';

import { splitName } from './names';
import { readEmail, readPhone } from './reach';

export interface ReadLine {
  givenName?: string;
  familyName?: string;
  emails?: Reach[];
  phones?: Reach[];
  birthday?: string;
  tags?: string[];
  note?: string;
}

const BIRTHDAY = /^(?:birthday|born|b-?day)[:\s]+(.+)$/i;

/**
 * Reads one typed line into the parts of a person. Parts are separated by commas or semicolons in
 * any order; the first that is nothing else is the name, the rest becomes the note. `unread` lists
 * parts that look like something but could not be read, such as a birthday on 31 February.
 * @example readTypedLine('Rosa Lind, 555-0142, birthday 4 May, #garden')
 */
export function readTypedLine(line: string): { draft: ReadLine; unread: string[] } {
  const draft: ReadLine = {};
  const unread: string[] = [];
  const tags: string[] = [];
  const notes: string[] = [];
  for (const raw of joinDates(line.split(/[,;\n]+/))) {
    const part = raw.replace(/#([\p{L}\p{N}_-]+)/gu, (_, tag: string) => {
      tags.push(tag);
      return '';
    });
    const text = part.trim();
    if (text === '') continue;
    const birthday = BIRTHDAY.exec(text);
    const email = text.includes('@') ? readEmail(text) : null;
    const phone = /\d/.test(text) ? readPhone(text) : null;
    if (birthday) {
      const date = readDate(birthday[1]!);
      if (date) draft.birthday = date;
      else unread.push(text);
    } else if (email) draft.emails = [...(draft.emails ?? []), { value: email, label: '' }];
    else if (phone) draft.phones = [...(draft.phones ?? []), { value: phone, label: '' }];
    else if (/^\S+@\S*$/.test(text) && !email) unread.push(text);
    else if (draft.givenName === undefined) Object.assign(draft, splitName(text));
    else notes.push(text);
  }
  if (tags.length > 0) draft.tags = tags;
  if (notes.length > 0) draft.note = notes.join(', ');
  return { draft, unread };
}

/** "birthday May 4, 1980" was cut at its comma: a lone year belongs to the part before it. */
function joinDates(parts: string[]): string[] {
  const out: string[] = [];
  for (const part of parts) {
    const before = out.at(-1);
    if (before !== undefined && /^\s*\d{4}\s*$/.test(part) && BIRTHDAY.test(before.trim()))
      out[out.length - 1] = `${before} ${part.trim()}`;
    else out.push(part);
  }
  return out;
}
