import type { DayNumber } from '@/core/time';

import type { PlanItem } from './items';
import type { Cause, Neighbour, PlanPerson } from './types';

/** An item on its way to a day. */
export interface Entry {
  item: PlanItem;
  person: PersonState;
  /** Placed, let go, or no longer needed. */
  done: boolean;
  /**
   * Keeps a promise that still holds and would run out without it, or is fixed: it goes before the rest
   * when not all can be in time. So promises that were broken once, and other beats, break none.
   */
  firm: boolean;
  /** Part of the demand: still to be done, and still able to be in time. */
  counted: boolean;
  /** The day that it counts to in {@link Level}; null where it counts to none. */
  leveledOn: DayNumber | null;
  order: number;
  /** When its person's promise would be broken twice over, as of when the entry came too late. */
  brokenTwiceOn: DayNumber;
  /** Of what is fixed: where others keep their distance from. */
  fixture?: Fixture;
  /** Set when another touch of the same person or home pushed it back. */
  yieldsTo: Neighbour | null;
}

/** A touch on a day that can't move: the others keep their distance from it before it comes, too. */
export interface Fixture extends Neighbour {
  done: boolean;
}

/** Who keep the distance together: the people of one home, or one person. */
export interface Home {
  last: Neighbour | null;
  ahead: Fixture[];
}

/** A person while days are being filled: each touch moves their promise. */
export interface PersonState {
  person: PlanPerson;
  due: DayNumber | null;
  /** The last touch of their own, which nothing may come near. */
  last: Neighbour | null;
  home: Home;
  /** Beats and follow-ups; the keeper stands apart because it changes with every touch. */
  entries: Entry[];
  keeper: Entry | null;
  /** Their promise was broken already, this morning or in the days planned. */
  broken: boolean;
}

/** What is fixed first, then what is due first; ties by circle, then in the order of coming. */
export const moreUrgent = (a: Entry, b: Entry): boolean => {
  if (a.item.fixed !== b.item.fixed) return a.item.fixed;
  if (a.item.latest !== b.item.latest) return a.item.latest < b.item.latest;
  if (a.person.person.weight !== b.person.person.weight)
    return a.person.person.weight < b.person.person.weight;
  return a.order < b.order;
};

/**
 * Of what is late, the promise that would be broken twice over first comes first: after a long absence
 * the short promises of the inner circles, and nobody waits for ever. A late beat in good time waits.
 */
export const moreBroken = (a: Entry, b: Entry): boolean =>
  a.brokenTwiceOn === b.brokenTwiceOn ? moreUrgent(a, b) : a.brokenTwiceOn < b.brokenTwiceOn;

/** Too late to be in time on `day`; what is fixed keeps its right of way. */
export const isBroken = ({ item }: Entry, day: DayNumber) => !item.fixed && item.latest < day;

/** See {@link Entry.firm}. A promise that holds until the next beat comes due does not need this one. */
const isFirm = ({ fixed, hold, letGo }: PlanItem, { due, broken }: PersonState): boolean =>
  fixed || (hold > 0 && due !== null && !broken && due <= letGo);

/** Why an entry is done on `day`. */
export function causeOf({ item, yieldsTo }: Entry, day: DayNumber): Cause {
  if (day < item.wanted) return 'early';
  if (yieldsTo) return 'distance';
  if (day > item.wanted) return 'full';
  return item.moved ?? 'as_asked';
}

/** An item that comes in, of somebody as they are by then. */
export const newEntry = (
  item: PlanItem,
  person: PersonState,
  order: number,
  today: DayNumber,
): Entry => ({
  item,
  person,
  firm: isFirm(item, person),
  done: false,
  counted: false,
  leveledOn: null,
  order,
  brokenTwiceOn: Infinity,
  yieldsTo: null,
  ...(item.fixed
    ? {
        fixture: {
          personId: item.personId,
          kind: item.kind,
          day: Math.max(item.wanted, today),
          done: false,
        },
      }
    : {}),
});
