import { need } from '@/core/need';

/** So deep may what comes in be nested; what people make is far from it. */
const DEEPEST = 60;

/** What can't be kept, with where it stands: 'fields.note'. */
export interface PlainFault {
  field: string;
  message: string;
}

const UNKEPT =
  'There is a character in it that can’t be kept (a control character, or half of a pair). Leave it out.';
const TOO_DEEP = 'This is nested too deep.';

/** Controls are no text, but for tabs and ends of lines; PostgreSQL takes no U+0000 at all. */
const CONTROL = /[\u0000-\u0008\u000B\u000C\u000E-\u001F\u007F]/;

/** Whether a text can be kept: no control is in it and, as UTF-8 wants, no half of a surrogate pair. */
export const isKeepable = (text: string): boolean => !CONTROL.test(text) && text.isWellFormed();

/** The first text, anywhere in what came in, that can't be kept; null when all can. */
export function findPlainFault(value: unknown): PlainFault | null {
  // A list of what is still to be looked at instead of recursion: what comes in may be as deep as it likes.
  const open: { value: unknown; at: string[] }[] = [{ value, at: [] }];
  for (let one = open.pop(); one; one = open.pop()) {
    const { value: found, at } = one;
    const field = at.join('.');
    if (typeof found === 'string' && !isKeepable(found)) return { field, message: UNKEPT };
    if (typeof found !== 'object' || found === null) continue;
    if (at.length >= DEEPEST) return { field: need(at[0]), message: TOO_DEEP };
    for (const [name, part] of Object.entries(found)) {
      if (!isKeepable(name)) return { field, message: UNKEPT };
      if (typeof part === 'string' || typeof part === 'object')
        open.push({ value: part, at: [...at, name] });
    }
  }
  return null;
}
