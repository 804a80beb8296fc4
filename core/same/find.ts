import { compare, type Comparison } from './score';
import { matchKeys, type Traits } from './traits';

export interface Known {
  id: string;
  traits: Traits;
}

export interface Pair extends Comparison {
  /** The ids of the two; `a` is the one that stood first. */
  a: string;
  b: string;
}

/**
 * A key that more people share than this tells nobody apart (a switchboard, a very common name):
 * it is not looked under, so that the work stays near-linear in the number of people.
 */
const CROWD = 60;

/**
 * Pairs that are surely or perhaps one person. With `incoming`, only pairs of which at least one
 * is incoming; each pair once, the likeliest first. Nobody is compared with everybody: only with
 * those under a common key.
 */
export function findSame(people: readonly Known[], incoming?: ReadonlySet<string>): Pair[] {
  const byKey = new Map<string, number[]>();
  people.forEach(({ traits }, i) => {
    for (const key of matchKeys(traits)) {
      const under = byKey.get(key);
      if (under) under.push(i);
      else byKey.set(key, [i]);
    }
  });
  const seen = new Set<number>();
  const pairs: Pair[] = [];
  for (const under of byKey.values()) {
    if (under.length > CROWD) continue;
    for (let x = 0; x < under.length; x++)
      for (let y = x + 1; y < under.length; y++) {
        const [a, b] = [under[x]!, under[y]!];
        const [one, other] = [people[a]!, people[b]!];
        if (incoming && !incoming.has(one.id) && !incoming.has(other.id)) continue;
        const both = a * people.length + b;
        if (seen.has(both)) continue;
        seen.add(both);
        const found = compare(one.traits, other.traits);
        if (found.verdict !== 'different') pairs.push({ a: one.id, b: other.id, ...found });
      }
  }
  return pairs.sort(
    (p, q) => q.score - p.score || (p.a < q.a ? -1 : p.a > q.a ? 1 : p.b < q.b ? -1 : 1),
  );
}
