import type { DayNumber } from '@/core/time';
import type { TouchKind } from '@/core/touches';

import type { ItemContext, PlanItem } from './items';

/** One kind of thing that puts touches on the desk: cadences, follow-ups, greetings … */
export interface TouchSource {
  /** Its items carry it, their keys begin with it, and each person's `asks` are kept by it. */
  name: string;
  /**
   * What it asks for of a person, in order, for the days of the context.
   *
   * @param asks what {@link PlanPerson.asks} holds under its name; made of plain values
   */
  items(personId: string, asks: unknown, context: ItemContext): PlanItem[];
  /** What goes out to the person without a hand: other touches keep their distance from it. */
  automaticTouches?(asks: unknown, context: ItemContext): { day: DayNumber; kind: TouchKind }[];
  /** Its reasons name the day that was asked for, so that a day off needs no words of its own. */
  saysItsDay?: boolean;
}

/** A source asked once about each person: what it asks for does not depend on the room. */
export function remembering(source: TouchSource): TouchSource {
  const known = new Map<string, PlanItem[]>();
  return {
    ...source,
    items: (personId, asks, context) => {
      const items = known.get(personId) ?? source.items(personId, asks, context);
      known.set(personId, items);
      return items;
    },
  };
}
