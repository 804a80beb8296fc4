import type { DayNumber } from '../time';
import { KEEPER } from './items';
import type { PlannedTouch } from './types';

/** A touch that another plan has on another day, or not at all. */
export interface Shift {
  touch: PlannedTouch;
  to: DayNumber | null;
}

/**
 * What one plan has on another day than the other one, in order of the days they leave. Of those that
 * only keep a person's promise the first counts, as the next ones follow from it.
 */
export function shifted(before: readonly PlannedTouch[], after: readonly PlannedTouch[]): Shift[] {
  const then = byName(after);
  return [...byName(before)]
    .map(([name, touch]) => ({ touch, to: then.get(name)?.day ?? null }))
    .filter(({ touch, to }) => to !== touch.day)
    .sort((a, b) => a.touch.day - b.touch.day);
}

/**
 * As {@link shifted}, of everything but one group, whose change makes the difference: a cadence, by
 * its id. What keeps a promise counts only where no touches of the group keep it too.
 */
export function othersShifted(
  before: readonly PlannedTouch[],
  after: readonly PlannedTouch[],
  group: string,
): Shift[] {
  const ofGroup = [...before, ...after].filter(({ item }) => item.group === group);
  const whose = new Set(ofGroup.map(({ item }) => item.personId));
  const others = before.filter(
    ({ item }) => item.group !== group && !(item.source === KEEPER && whose.has(item.personId)),
  );
  return shifted(others, after);
}

/** By what a touch is in both plans: a keeper's key says when its promise is due, which may differ. */
function byName(touches: readonly PlannedTouch[]): Map<string, PlannedTouch> {
  const named = new Map<string, PlannedTouch>();
  for (const touch of touches) {
    const { source, key, personId } = touch.item;
    const name = source === KEEPER ? personId : key;
    const known = named.get(name);
    if (!known || touch.day < known.day) named.set(name, touch);
  }
  return named;
}
