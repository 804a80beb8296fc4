import type { Names } from '@/core/people';
import { parseFullName } from 'parse-full-name';

/**
 * Splits a full name into given and family name; titles and suffixes stay with the family name's
 * side as written. A single word is a given name.
 * @example splitName('Lind, Rosa') // { givenName: 'Rosa', familyName: 'Lind' }
 */
export function splitName(full: string): Names {
  const text = full.trim().replace(/\s+/g, ' ');
  if (text === '') return { givenName: '', familyName: '' };
  if (!/[\s,]/.test(text)) return { givenName: text, familyName: '' };
  const parsed = parseFullName(text, 'all', 0, 0, 0);
  const givenName = [parsed.first, parsed.middle].filter(Boolean).join(' ');
  const familyName = [parsed.last, parsed.suffix].filter(Boolean).join(' ');
  if (givenName || familyName) return { givenName, familyName };
  const cut = text.lastIndexOf(' ');
  return { givenName: text.slice(0, cut), familyName: text.slice(cut + 1) };
}
