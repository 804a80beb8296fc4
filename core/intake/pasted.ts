import addresses from 'email-addresses';

import { NOBODY } from '@/core/people';

import type { ImportedPerson, RowFault } from './import';
import { splitName } from './names';
import { readEmail, readPhone } from './reach';

export const MAX_PASTED = 5_000;

/** Cuts at line ends, semicolons and commas outside of quotes, brackets and angle brackets. */
function entriesOf(text: string): string[] {
  const parts = [''];
  let quoted = false;
  let depth = 0;
  for (const char of text) {
    if (char === '\n') [quoted, depth] = [false, 0];
    if (char === '"') quoted = !quoted;
    if (!quoted && '<('.includes(char)) depth += 1;
    if (!quoted && '>)'.includes(char)) depth = Math.max(0, depth - 1);
    if (char === '\n' || (!quoted && depth === 0 && ',;'.includes(char))) parts.push('');
    else parts[parts.length - 1] += char;
  }
  return parts.map((part) => part.trim()).filter(Boolean);
}

const isName = (text: string) =>
  /^[\p{L}\p{M}.'’ -]{2,80}$/u.test(text) && text.split(/\s+/).length <= 6;

/** "Rosa Lind <rosa@example.com>" (RFC 5322), an address alone, a number, or a name. */
function readEntry(text: string): ImportedPerson['fields'] | null {
  const bare = readEmail(text);
  if (bare) return { ...NOBODY, emails: [{ value: bare, label: '' }] };
  const angled = /^([^<>]*?)\s*<\s*([^<>\s]+)\s*>$/.exec(text);
  const parsed = angled ? addresses.parseOneAddress({ input: text, rfc6532: true }) : null;
  const email = angled
    ? readEmail(parsed && 'address' in parsed ? parsed.address : angled[2]!)
    : null;
  if (angled && email) {
    const name = angled[1]!.replace(/^["']|["']$/g, '').trim();
    return {
      ...NOBODY,
      ...(readEmail(name) ? {} : splitName(name)),
      emails: [{ value: email, label: '' }],
    };
  }
  const phone = readPhone(text);
  if (phone) return { ...NOBODY, phones: [{ value: phone, label: '' }] };
  return isName(text) ? { ...NOBODY, ...splitName(text) } : null;
}

/**
 * Reads pasted names and addresses, parted by commas, semicolons or lines. What is neither is
 * reported and left out. The same address twice counts once.
 */
export function readPasted(text: string): { people: ImportedPerson[]; faults: RowFault[] } {
  const people: ImportedPerson[] = [];
  const faults: RowFault[] = [];
  const seen = new Set<string>();
  entriesOf(text).forEach((entry, i) => {
    const row = i + 1;
    if (people.length >= MAX_PASTED) return;
    const fields = readEntry(entry);
    if (!fields) {
      const why = `“${entry.slice(0, 80)}” is neither a name nor an e-mail address.`;
      return void faults.push({ row, why, leftOut: true });
    }
    const key = fields.emails[0]?.value.toLowerCase();
    if (key && seen.has(key))
      return void faults.push({
        row,
        why: `${key} is there twice; it is taken once.`,
        leftOut: true,
      });
    if (key) seen.add(key);
    people.push({
      row,
      fields,
      tags: [],
      circle: '',
      promiseDays: null,
      notes: [],
      lastTouch: null,
    });
  });
  return { people, faults };
}
