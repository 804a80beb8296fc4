import type { ImportedPerson } from '@/core/intake';
import { incomingId } from '@/core/jobs';
import { matchKeys, traitsOf, type Pair } from '@/core/same';

import type { Context } from '../context';
import { readKnownByKeys } from '../people';

export interface Found {
  pairs: Pair[];
  /** Place of an incoming person by the id that the pairs call them. */
  placeOf: ReadonlyMap<string, number>;
}

/** Who of those coming in is here already, or stands in the file twice; some were found as they were read. */
export async function findDoubles(
  { db, threads }: Context,
  people: readonly ImportedPerson[],
  found: Pair[] | null,
  signal?: AbortSignal,
): Promise<Found> {
  const incoming = people.map(({ fields }) => fields);
  const placeOf = new Map(incoming.map((_, i) => [incomingId(i), i]));
  if (found) return { pairs: found, placeOf };
  const keys = new Set(incoming.flatMap((fields) => matchKeys(traitsOf(fields))));
  const present = await readKnownByKeys(db, [...keys]);
  const pairs = await threads.run('findDoubles', { present, incoming }, signal && { signal });
  return { pairs, placeOf };
}

/** By place of an incoming person: who they surely are, somebody present or one earlier in the list. */
export type Joins = ReadonlyMap<number, { presentId: string } | { place: number }>;

/** The likeliest first: whom each surely is, so that chains end at one person. */
export function joinsOf({ pairs, placeOf }: Found): Joins {
  const joins = new Map<number, { presentId: string } | { place: number }>();
  for (const { a, b, verdict } of pairs) {
    if (verdict !== 'sure') continue;
    const [x, y] = [placeOf.get(a), placeOf.get(b)];
    if (x === undefined && y !== undefined && !joins.has(y)) joins.set(y, { presentId: a });
    else if (y === undefined && x !== undefined && !joins.has(x)) joins.set(x, { presentId: b });
    else if (x !== undefined && y !== undefined) {
      const [first, later] = x < y ? [x, y] : [y, x];
      if (!joins.has(later)) joins.set(later, { place: first });
    }
  }
  return joins;
}
