import { moveToWorkingDay } from '@/core/calendar';
import {
  asWished,
  itemKey,
  type ItemContext,
  type PlanItem,
  type TouchSource,
} from '@/core/planner';
import { sentenceCase, spokenDate, toPlainDate, type DayNumber, type PlainDate } from '@/core/time';
import { expectedHold, type TouchKind } from '@/core/touches';

/** Something that the owner means to do on a day. */
export interface PlanFollowUp {
  id: string;
  on: DayNumber;
  kind: TouchKind;
}

/** The source of follow-ups; its asks are the {@link PlanFollowUp}s of a person. */
export const FOLLOW_UP = 'follow';

export const followUpKey = (id: string): string => itemKey(FOLLOW_UP, id);

/** Left undone for longer than so many days, a follow-up waits to be looked at: see {@link isGathered}. */
export const GATHERED_AFTER_DAYS = 7;

/**
 * Whether a follow-up of that day has been left for so long that it is no longer on the desk by
 * itself: after weeks away all of them would fill the first day. They are gathered, to be kept,
 * dropped or done later in one look.
 */
export const isGathered = (asked: DayNumber, today: DayNumber): boolean =>
  asked < today - GATHERED_AFTER_DAYS;

/** A follow-up was promised for its day: it is fixed, and moves only off a day that is not worked. */
export function followUpItem(
  personId: string,
  followUp: PlanFollowUp,
  context: ItemContext,
): PlanItem {
  const key = followUpKey(followUp.id);
  const later = context.putOffs.get(key);
  const asked = Math.max(followUp.on, later ?? -Infinity);
  const day = moveToWorkingDay(asked, 'next', context.calendar);
  const moved = later === undefined ? (day === asked ? undefined : 'day_off') : 'put_off';
  const item: PlanItem = {
    key,
    source: FOLLOW_UP,
    personId,
    kind: followUp.kind,
    nominal: asked,
    earliest: day,
    wanted: day,
    latest: day,
    letGo: Infinity,
    fixed: true,
    hold: expectedHold(followUp.kind, context.holds),
    ...(moved ? { moved } : {}),
  };
  // Its day already counts in what was put off.
  return asWished(item, { ...context, putOffs: new Map() });
}

export const followUpSource: TouchSource = {
  name: FOLLOW_UP,
  saysItsDay: true,
  items: (personId, asks, context) =>
    (asks as readonly PlanFollowUp[])
      .map((one) => followUpItem(personId, one, context))
      .filter(({ nominal }) => !isGathered(nominal, context.today)),
};

/** What a follow-up is about; thanks are planned by themselves, which nobody meant before. */
export interface FollowUpWords {
  words: string;
  /** Who came, where it is thanks for having sent them. */
  thanksFor: string | null;
}

/** What can be said then: thanks are known beforehand. */
export const followUpSays = ({ thanksFor }: Pick<FollowUpWords, 'thanksFor'>): string =>
  thanksFor
    ? `Thank you for sending ${thanksFor} to me. I’ll look after them well, and let you know how it goes.`
    : '';

/** Why a follow-up is on the desk. */
export function followUpReason(
  { nominal }: PlanItem,
  { words, thanksFor }: FollowUpWords,
  today: PlainDate,
): string {
  if (thanksFor) return `${sentenceCase(words)}.`;
  const when = spokenDate(toPlainDate(nominal), today);
  return words
    ? `You meant to follow up ${when}: ${words}`.replace(/([^.?!])$/, '$1.')
    : `You meant to follow up ${when}.`;
}
