import type { ImportedPerson } from '@/core/intake';
import { findSame, matchKeys, traitsOf, type Known, type Pair } from '@/core/same';

import type { Sql } from '../db';
import { readKnown, readKnownByKeys } from '../people';

/** From so many incoming people on, everybody is read once instead of being looked up by keys. */
const MANY = 300;

/** Incoming people go by their place in the list until they have ids. */
const incomingId = (i: number) => `row ${i}`;

export interface Found {
  pairs: Pair[];
  /** Place of an incoming person by the id that the pairs call them. */
  placeOf: ReadonlyMap<string, number>;
}

/** Who of those coming in is here already, or stands in the file twice. */
export async function findDoubles(sql: Sql, people: readonly ImportedPerson[]): Promise<Found> {
  const incoming = people.map(({ fields }, i): Known => ({
    id: incomingId(i),
    traits: traitsOf(fields),
  }));
  const present =
    incoming.length > MANY
      ? await readKnown(sql)
      : await readKnownByKeys(sql, [
          ...new Set(incoming.flatMap(({ traits }) => matchKeys(traits))),
        ]);
  const placeOf = new Map(incoming.map(({ id }, i) => [id, i]));
  const pairs = findSame([...present, ...incoming], new Set(placeOf.keys()));
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
