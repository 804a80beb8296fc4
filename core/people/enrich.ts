import type { PersonFields } from './record';

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
  }
  return result as unknown as PersonFields;
}

/** Two entries of a list are the same when their values are, whatever their labels. */
function sameText(item: unknown): string {
  if (typeof item === 'string') return item.toLowerCase();
  const { value, line, postalCode, city, name, on } = item as Record<string, string>;
  return [value, line, postalCode ?? city, name, on].join('|').toLowerCase();
}
