import { fold } from '@/core/people';

import { isFirm, splitCouple, splitName, type SplitName } from './names';
import type { Row } from './row';

/** Splits what stands in the columns of the name; a couple comes as two. */
export function readNames(row: Row): { names: SplitName[]; company: string } {
  const given = row.get('givenName', ' ');
  const family = row.get('familyName', ' ');
  const whole = row.get('name', ' ');
  // A file that has a column for the name they go by tells the parts of a name apart itself.
  if ((given || family) && row.has('goesBy'))
    return { names: [{ givenName: given, familyName: family }], company: '' };
  if (given || family) {
    const couple = given && splitCouple(`${family ? `${family}, ` : ''}${given}`);
    if (couple) return { names: couple, company: '' };
    const split = given ? splitGiven(given) : { givenName: '' };
    const told = [given, family].filter(Boolean).join(' ');
    if (
      whole &&
      fold(whole) !== fold(told) &&
      !sameWords(
        whole,
        `${row.get('prefix')} ${told} ${row.get('middleName')} ${row.get('suffix')}`,
      )
    )
      row.aside('Full name', whole);
    return { names: [{ ...split, familyName: family }], company: '' };
  }
  if (whole && isFirm(whole)) return { names: [], company: whole };
  const couple = splitCouple(whole);
  return { names: couple ?? (whole ? [splitName(whole)] : []), company: '' };
}

const sameWords = (a: string, b: string) =>
  fold(a)
    .replace(/[^\p{L}]+/gu, ' ')
    .trim()
    .split(' ')
    .every((word) => fold(b).includes(word));

/** A given name may have the one they go by beside it: 'Robert "Bob"'. */
function splitGiven(text: string): { givenName: string; goesBy?: string } {
  if (!/["“(]/.test(text)) return { givenName: text };
  const { givenName, familyName, goesBy } = splitName(text);
  return {
    givenName: [givenName, familyName].filter(Boolean).join(' '),
    ...(goesBy ? { goesBy } : {}),
  };
}
