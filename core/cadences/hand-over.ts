import type { Cadence } from './cadence';

type Handing = Pick<Cadence, 'id' | 'name' | 'handOver'>;

/**
 * The hand-overs that lead from `cadence` back to itself without a day of waiting, as the names on
 * the way; null when there is no such circle. A circle with a wait is a long round and may be.
 * `others` are the cadences as saved; `cadence` takes the place of the one with its id.
 */
export function endlessHandOver(cadence: Handing, others: readonly Handing[]): string[] | null {
  const byId = new Map(others.map((other) => [other.id, other]));
  byId.set(cadence.id, cadence);
  const path = [cadence.name];
  const seen = new Set([cadence.id]);
  let waits = 0;
  for (let at = cadence; at.handOver;) {
    waits += at.handOver.waitDays;
    const next = byId.get(at.handOver.cadenceId);
    if (!next) return null;
    path.push(next.name);
    if (next.id === cadence.id) return waits > 0 ? null : path;
    // A circle further on, which does not pass through this one, was judged when it was made.
    if (seen.has(next.id)) return null;
    seen.add(next.id);
    at = next;
  }
  return null;
}

/** What to say of such a circle. */
export const handOverSentence = (path: readonly string[]): string =>
  `These hand over to each other in a circle without a wait: ${path.join(' → ')}. Give one of them a wait, or let one end.`;
