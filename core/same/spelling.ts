import { areNicknames, isKnownName } from './nicknames';

const LEAST = 4;

/**
 * Whether two words are one slip of a finger apart: a letter wrong, left out, put in, or two changed
 * places (Damerau 1964). Of short words too many are, so they never count.
 */
export function areOneSlipApart(a: string, b: string): boolean {
  const [short, long] = a.length <= b.length ? [a, b] : [b, a];
  if (short.length < LEAST || long.length - short.length > 1) return false;
  let at = 0;
  while (at < short.length && short[at] === long[at]) at += 1;
  if (long.length > short.length) return short.slice(at) === long.slice(at + 1);
  const swapped = short[at] === long[at + 1] && short[at + 1] === long[at];
  return (
    short.slice(at + 1) === long.slice(at + 1) ||
    (swapped && short.slice(at + 2) === long.slice(at + 2))
  );
}

const figures = (word: string) => word.replace(/\D/g, '');

/** Whether two words are told apart by a number in them, as those that were made up are. */
export const areNumbered = (a: string, b: string): boolean =>
  (/\d/.test(a) || /\d/.test(b)) && figures(a) !== figures(b);

/** Whether two given names, however alike, are known as two names: "john" and "joan". */
export const arePairOfNames = (a: string, b: string): boolean =>
  isKnownName(a) && isKnownName(b) && !areNicknames(a, b);
