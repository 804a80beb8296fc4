import { moveToWorkingDay, type WorkCalendar } from '@/core/calendar';
import type { DayNumber } from '@/core/time';
import { expectedHold, type HoldTable, type TouchKind } from '@/core/touches';

import { itemKey } from './key';

/** A touch that waits for a day. Everything that asks for the owner's hand becomes one of these. */
export interface PlanItem {
  /** The same thing has the same key in every plan, so that marks and pins find it again. */
  key: string;
  /** The name of the source that asks for it; KEEPER is the planner's own. */
  source: string;
  personId: string;
  kind: TouchKind;
  /** The day that was asked for, before days off. */
  nominal: DayNumber;
  /** First day on which it may be done. */
  earliest: DayNumber;
  /** The day on which it should be done if there is room; between earliest and latest. */
  wanted: DayNumber;
  /** Last day on which it is in time. */
  latest: DayNumber;
  /** From this day on it is needless, because the next beat has come due. */
  letGo: DayNumber;
  /** Fixed items go before all others on their day and ignore the distance between touches. */
  fixed: boolean;
  /** Share of the promise that doing it keeps, 0 to 1. */
  hold: number;
  /** Why `wanted` is not the day that was asked for. */
  moved?: 'day_off' | 'put_off';
  /** How it was asked for, and tried so often without an answer that it is planned another way. */
  tried?: { kind: TouchKind; tries: number };
  /** What items of one source belong together by, such as the cadence of a beat. */
  group?: string;
}

/** Put off until a day, by item key. */
export type PutOffs = ReadonlyMap<string, DayNumber>;
/** Done another way than planned, by item key. */
export type Swaps = ReadonlyMap<string, TouchKind>;

export interface ItemContext {
  today: DayNumber;
  /** Last day planned, inclusive. */
  until: DayNumber;
  calendar: WorkCalendar;
  holds: HoldTable;
  putOffs: PutOffs;
  swaps?: Swaps;
}

/** The source of the touches that keep a promise when nothing else does. */
export const KEEPER = 'keep';

/** Whether an item makes room for another one of its person that holds more. */
export const yields = ({ source, fixed }: PlanItem): boolean => source !== KEEPER && !fixed;

/** An item with what the owner changed about it: the way it is done, and the day. */
export function asWished(item: PlanItem, { putOffs, swaps, holds }: ItemContext): PlanItem {
  const kind = swaps?.get(item.key);
  const swapped = kind ? { ...item, kind, hold: expectedHold(kind, holds) } : item;
  return putOff(swapped, putOffs.get(item.key));
}

/** A put-off item waits for its new day, which is the owner's own word. */
function putOff(item: PlanItem, until: DayNumber | undefined): PlanItem {
  if (until === undefined || until <= item.earliest) return item;
  return {
    ...item,
    earliest: until,
    wanted: until,
    latest: Math.max(item.latest, until),
    // Putting off is a wish of the owner's: it outlives the day on which the beat would have lapsed.
    letGo: Math.max(item.letGo, until + 1),
    fixed: true,
    moved: 'put_off',
  };
}

/** Days before it is wanted from which a promise-keeper may be done when days are full. */
export const keeperLead = (promiseDays: number): number =>
  Math.min(14, Math.max(1, Math.round(promiseDays / 8)));

/** Days before the promise runs out on which a promise-keeper is wanted, so that a bad day is no breach. */
export const keeperMargin = (promiseDays: number): number => Math.floor(promiseDays / 45);

/** The touch that keeps a promise when nothing else is planned in time. */
export function keeperItem(
  personId: string,
  promiseDays: number,
  due: DayNumber,
  kind: TouchKind,
  context: ItemContext,
): PlanItem {
  const wanted = moveToWorkingDay(due - keeperMargin(promiseDays), 'previous', context.calendar);
  const item: PlanItem = {
    key: itemKey(KEEPER, personId, due),
    source: KEEPER,
    personId,
    kind,
    nominal: due,
    // Counted from the wanted day: what runs out in a stretch of days off is spread before it.
    earliest: wanted - keeperLead(promiseDays),
    wanted,
    latest: due,
    letGo: Infinity,
    fixed: false,
    hold: expectedHold(kind, context.holds),
  };
  return asWished(item, context);
}
