import { fold } from './names';
import type { PersonFields } from './record';
import { COLUMNS, type ColumnKey } from './targets';

/** What is here stays as it is and where it is: the first of a list is the one that is used. */
function joined<T>(here: readonly T[], more: readonly T[], keyOf: (item: T) => string): T[] {
  const known = new Set(here.map(keyOf));
  const isNew = (item: T) => {
    const key = keyOf(item);
    return !known.has(key) && known.add(key);
  };
  return [...here, ...more.filter(isNew)];
}

/**
 * What somebody on record becomes with further facts: empty fields are filled, lists are added to,
 * nothing that is known is overwritten. Consent is never filled in where an answer stands.
 */
export function enrich(here: PersonFields, more: Partial<PersonFields>): PersonFields {
  const result = { ...here } as Record<string, unknown>;
  for (const [key, value] of Object.entries(more)) {
    const present = result[key];
    if (value === '' || value === null || value === undefined) continue;
    if (Array.isArray(value)) result[key] = joined(present as unknown[], value, sameText);
    else if (typeof value === 'object') result[key] = { ...value, ...(present as object) };
    else if (present === '' || present === null || present === false) result[key] = value;
    else if (key === 'birthday' && isSameDay(String(present), String(value)))
      result[key] = [present, value].find((day) => String(day).length > 5) ?? present;
  }
  return result as unknown as PersonFields;
}

/** Whether two yearly days are one, of which one may lack its year. */
const isSameDay = (a: string, b: string): boolean =>
  a === b || ((a.length === 5 || b.length === 5) && a.slice(-5) === b.slice(-5));

/** Two entries of a list are the same when their values are, whatever their labels. */
function sameText(item: unknown): string {
  if (typeof item === 'string') return item.toLowerCase();
  const { value, line, postalCode, city, name, on } = item as Record<string, string>;
  return [value, line, postalCode ?? city, name, on].join('|').toLowerCase();
}

/** What one record says otherwise than another. */
export interface Difference {
  /** What it is about: "Company". */
  what: string;
  here: string;
  there: string;
}

const SINGLE = [
  'prefix',
  'givenName',
  'middleName',
  'familyName',
  'suffix',
  'goesBy',
  'company',
  'jobTitle',
  'birthday',
  'standing',
  'source',
  'preferred',
  'language',
  'wouldRefer',
] as const satisfies (ColumnKey & keyof PersonFields)[];

/**
 * What {@link enrich} leaves out of `more`, because something else stands there: it is told and kept
 * beside, so that joining two records loses nothing. Capitals and accents are no difference.
 */
export function differences(
  here: PersonFields,
  more: Partial<PersonFields>,
  own: readonly { id: string; name: string }[] = [],
): Difference[] {
  const single = SINGLE.flatMap((key) =>
    key === 'birthday' && isSameDay(here.birthday ?? '', more.birthday ?? '')
      ? []
      : pairOf(COLUMNS[key].label, here[key], more[key]),
  );
  const fields = own.flatMap(({ id, name }) => pairOf(name, here.own[id], more.own?.[id]));
  const consents = Object.entries(more.consent ?? {}).flatMap(([channel, there]) => {
    const known = here.consent[channel as keyof typeof here.consent];
    return pairOf(`${COLUMNS.consent.label}: ${channel}`, known?.answer, there?.answer);
  });
  return [...single, ...fields, ...consents];
}

function pairOf(what: string, here: unknown, there: unknown): Difference[] {
  const text = (value: unknown) => (value === null || value === undefined ? '' : String(value));
  const [a, b] = [text(here), text(there)];
  return a && b && fold(a) !== fold(b) ? [{ what, here: a, there: b }] : [];
}
