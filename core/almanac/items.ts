import { moveToWorkingDay } from '@/core/calendar';
import { asWished, type ItemContext, type PlanItem, type TouchSource } from '@/core/planner';
import type { DayNumber } from '@/core/time';
import { expectedHold, type TouchKind } from '@/core/touches';

import { GREETING, type Greeting } from './greetings';
import { isHoliday } from './occasion';
import { MAIL_CLASSES, mailPlan, type MailClass, type MailPlan, type PostDays } from './post';
import { isMailed } from './rules';

/** A greeting as it is planned from: plain values. */
export interface PlanGreeting {
  key: string;
  ruleId: string;
  on: DayNumber;
  /** The day on which it goes where it goes by itself. */
  goesOn: DayNumber;
  kind: TouchKind;
  way: 'hand' | 'auto';
  /** Where the day is not worked. */
  dayRule: Greeting['rule']['dayRule'];
  leadDays: number;
  /** Holiday greetings are written over weeks; what it is of. */
  occasion: string;
  /** Of what is mailed: when it has to be written, handed over and is there. */
  mail: MailPlan | null;
  /** Who is greeted with them, each with the key of their own mark. */
  others: Greeting['others'];
  /** Ways that are open besides, the quickest first. */
  instead: readonly TouchKind[];
}

/** Days after its day on which a greeting may still be given by hand; then it is let go. */
const BELATED_DAYS = 7;
const BELATED_HOLIDAY_DAYS = 2;
/** Working days by which what is mailed is wanted before its last day, so that a bad day is no miss. */
const MARGIN_DAYS = 2;
/** Days before it is wanted on which a mailed greeting may be written: cards of a holiday come in heaps. */
const WRITING_DAYS = { own: 7, holiday: 21 };

export interface GreetingTimes {
  mailClass: MailClass;
  productionDays: number;
  post: PostDays;
  calendar: ItemContext['calendar'];
}

/** A greeting with the days by which it is planned. */
export function planGreeting(greeting: Greeting, times: GreetingTimes): PlanGreeting {
  const { key, on, kind, rule, occasion, instead, reach } = greeting;
  const mail = isMailed(kind)
    ? mailPlan(on - rule.leadDays, {
        transitDays: MAIL_CLASSES[times.mailClass][reach],
        productionDays: times.productionDays,
        post: times.post,
        calendar: times.calendar,
      })
    : null;
  // Days for the post are none for a quicker way.
  const leadDays = isMailed(rule.kind) && !mail ? 0 : rule.leadDays;
  const { dayRule } = rule;
  return {
    key,
    ruleId: rule.id,
    on,
    goesOn: on - leadDays,
    kind,
    way: greeting.way,
    dayRule,
    leadDays,
    occasion,
    mail,
    others: greeting.others,
    instead,
  };
}

/** Whether what should have been mailed can't be there in time any more, and its owner did not decide for it. */
export const isTooLateForPost = (
  { key, mail, kind }: Pick<PlanGreeting, 'key' | 'mail' | 'kind'>,
  { today, putOffs, swaps }: Pick<ItemContext, 'today' | 'putOffs' | 'swaps'>,
): boolean =>
  mail !== null && isMailed(kind) && today > mail.writeBy && !putOffs.has(key) && !swaps?.has(key);

/** The quickest way that is open where it is too late for the post; null for none. */
export const quickWay = ({ instead }: Pick<PlanGreeting, 'instead'>): TouchKind | null =>
  instead.find((kind) => !isMailed(kind)) ?? null;

/** A number below `n` that is always the same for the same text. */
function spread(text: string, n: number): number {
  let hash = 7;
  for (let i = 0; i < text.length; i++) hash = (Math.imul(hash, 31) + text.charCodeAt(i)) >>> 0;
  return hash % n;
}

/** The item of a greeting by hand; null where it is needless by now. */
export function greetingItem(
  personId: string,
  greeting: PlanGreeting,
  context: ItemContext,
): PlanItem | null {
  const { key, on, occasion } = greeting;
  const late = isTooLateForPost(greeting, context);
  const kind = (late && quickWay(greeting)) || greeting.kind;
  const days =
    greeting.mail && !late
      ? writingDays(greeting, greeting.mail, context)
      : talkingDays(late ? { ...greeting, leadDays: 0 } : greeting, context);
  const item: PlanItem = {
    key,
    source: GREETING,
    personId,
    kind,
    nominal: on,
    ...days,
    letGo: on + (isHoliday(occasion) ? BELATED_HOLIDAY_DAYS : BELATED_DAYS) + 1,
    // Belated, it is in no hurry: it goes after what keeps a promise.
    fixed: days.latest >= context.today,
    hold: expectedHold(kind, context.holds),
  };
  const wished = asWished(item, context);
  return wished.letGo > context.today ? wished : null;
}

type Days = Pick<PlanItem, 'earliest' | 'wanted' | 'latest'>;

/** What is written and mailed: some days before the last one, spread where a holiday brings a heap of them. */
function writingDays(
  { key, occasion }: PlanGreeting,
  { writeBy }: MailPlan,
  { calendar }: ItemContext,
): Days {
  const before = isHoliday(occasion) ? WRITING_DAYS.holiday : WRITING_DAYS.own;
  let wanted = writeBy - (isHoliday(occasion) ? spread(key, before) : 0);
  for (let n = 0; n < MARGIN_DAYS; n++) wanted = moveToWorkingDay(wanted - 1, 'previous', calendar);
  return { earliest: wanted - WRITING_DAYS.own, wanted, latest: writeBy };
}

/** A call, a text, a visit: on the day, or on the working day beside it that the rule says. */
function talkingDays({ on, leadDays, dayRule }: PlanGreeting, { calendar }: ItemContext): Days {
  const day = moveToWorkingDay(on - leadDays, dayRule, calendar);
  return { earliest: day, wanted: day, latest: day };
}

/**
 * Whether a greeting needs a hand: also where the owner has chosen another way for it, and where its day went
 * by without it.
 */
export const isByHand = (
  { way, key, goesOn }: Pick<PlanGreeting, 'way' | 'key' | 'goesOn'>,
  { swaps, today }: Pick<ItemContext, 'swaps' | 'today'>,
): boolean => way === 'hand' || goesOn < today || Boolean(swaps?.has(key));

export const greetingSource: TouchSource = {
  name: GREETING,
  saysItsDay: true,
  items: (personId, asks, context) =>
    (asks as readonly PlanGreeting[])
      .filter((one) => isByHand(one, context))
      .flatMap((one) => greetingItem(personId, one, context) ?? []),
  automaticTouches: (asks, context) =>
    (asks as readonly PlanGreeting[])
      .filter((one) => !isByHand(one, context))
      .map(({ goesOn, kind }) => ({ day: goesOn, kind })),
};
