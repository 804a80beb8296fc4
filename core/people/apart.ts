import type { PersonFields } from './record';

const isSame = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * What is known of somebody once another record is taken out of theirs again: entries and answers that
 * came from the other go, what was there before or was changed since stays.
 * @param now as it is, merged
 * @param before as it was before the merge
 * @param other the record that was merged into it
 */
export function withoutOther(
  now: PersonFields,
  before: PersonFields,
  other: PersonFields,
): PersonFields {
  const result = { ...now } as Record<string, unknown>;
  for (const key of Object.keys(result) as (keyof PersonFields)[]) {
    const [mine, was, theirs] = [now[key], before[key], other[key]] as unknown[];
    if (Array.isArray(mine)) result[key] = entriesWithout(mine, asList(was), asList(theirs));
    else if (isRecord(mine)) result[key] = answersWithout(mine, asRecord(was), asRecord(theirs));
    else if (isSame(mine, theirs)) result[key] = was;
  }
  return result as unknown as PersonFields;
}

const asList = (value: unknown): unknown[] => (Array.isArray(value) ? value : []);
const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null;
const asRecord = (value: unknown): Record<string, unknown> => (isRecord(value) ? value : {});

const entriesWithout = (mine: unknown[], was: unknown[], theirs: unknown[]): unknown[] => {
  const has = (list: unknown[], entry: unknown) => list.some((one) => isSame(one, entry));
  return mine.filter((entry) => has(was, entry) || !has(theirs, entry));
};

function answersWithout(
  mine: Record<string, unknown>,
  was: Record<string, unknown>,
  theirs: Record<string, unknown>,
): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(mine).flatMap(([key, value]) => {
      if (!isSame(value, theirs[key])) return [[key, value]];
      return key in was ? [[key, was[key]]] : [];
    }),
  );
}
