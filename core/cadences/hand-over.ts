import type { Cadence } from './cadence';

type Handing = Pick<Cadence, 'id' | 'name' | 'handOver' | 'beats'>;

/** The cadences that one begins on the very day on which it begins or ends itself. */
function atOnce({ handOver, beats }: Handing): string[] {
  const begun = beats.flatMap(({ errand, timing }) =>
    errand?.to === 'cadence' && timing.on === 'after' && timing.days === 0
      ? [errand.cadenceId]
      : [],
  );
  return handOver?.waitDays === 0 ? [...begun, handOver.cadenceId] : begun;
}

/**
 * The hand-overs that lead from `cadence` back to itself without a day of waiting, as the names on
 * the way; null when there is no such circle. A circle with a wait is a long round and may be.
 * `others` are the cadences as saved; `cadence` takes the place of the one with its id. A circle
 * that does not pass through `cadence` was judged when it was made.
 */
export function endlessHandOver(cadence: Handing, others: readonly Handing[]): string[] | null {
  const byId = new Map(others.map((other) => [other.id, other]));
  byId.set(cadence.id, cadence);
  const seen = new Set<string>();
  const search = (at: Handing): string[] | null => {
    for (const id of atOnce(at)) {
      const next = byId.get(id);
      if (!next) continue;
      if (id === cadence.id) return [at.name, next.name];
      if (seen.has(id)) continue;
      seen.add(id);
      const path = search(next);
      if (path) return [at.name, ...path];
    }
    return null;
  };
  return search(cadence);
}

/** What to say of such a circle. */
export const handOverSentence = (path: readonly string[]): string =>
  `These hand over to each other in a circle without a wait: ${path.join(' → ')}. Give one of them a wait, or let one end.`;
