import type { PlannedTouch } from '@/core/planner';
import {
  andList,
  sentenceCase,
  spokenDate,
  toDayNumber,
  toPlainDate,
  type PlainDate,
} from '@/core/time';
import { aKind, type TouchKind } from '@/core/touches';

import type { Greeting } from './greetings';
import type { PlanGreeting } from './items';
import { countWords, FAMILY, isHoliday } from './occasion';

/** What a date is, for a line about somebody: "turns 50", "wedding, 25 years", "Theo turns 6", "Thanksgiving". */
export function dateWords({
  occasion,
  name,
  whose,
  count,
}: Pick<Greeting, 'occasion' | 'name' | 'whose' | 'count'>): string {
  if (isHoliday(occasion)) return name;
  const counted = countWords(occasion, count);
  if (occasion === FAMILY) return counted ? `${whose} ${counted}` : `${whose}’s birthday`;
  if (counted.startsWith('turns')) return counted;
  return counted ? `${name}, ${counted}` : name;
}

/** What the reasons of greetings are said from, by key. */
export interface SaidOf {
  greeting: Greeting;
  plan: PlanGreeting;
  /** The names of the others who are greeted with them. */
  withNames: readonly string[];
}

/** Why a greeting is on the desk, in a sentence or two. */
export function greetingReason(
  { item }: Pick<PlannedTouch, 'item'>,
  said: SaidOf,
  today: PlainDate,
): string {
  const { greeting, withNames } = said;
  const shared = withNames.length > 0 ? ` Together with ${andList(withNames)}.` : '';
  const day = spokenDate(toPlainDate(greeting.on), today);
  const more = wayReason(item.kind, said, today);
  return `${sentenceCase(dateWords(greeting))}, ${day}.${shared}${more && ` ${more}`}`;
}

/** Why it goes the way it does, or by when it has to be written; empty where nothing is to be said. */
export function wayReason(
  kind: TouchKind,
  { greeting, plan }: Pick<SaidOf, 'greeting' | 'plan'>,
  today: PlainDate,
): string {
  const { mail } = plan;
  if (plan.way === 'auto' && toDayNumber(today) > plan.goesOn)
    return 'It did not go by itself on its day.';
  if (!mail) return greeting.changed ?? '';
  const by = spokenDate(toPlainDate(mail.writeBy), today);
  const late = toDayNumber(today) > mail.writeBy;
  if (kind === plan.kind)
    return late
      ? `It had to be written by ${by} to be there in time.`
      : `Written by ${by}, it is there in time.`;
  return late ? `Too late for the post: ${aKind(plan.kind)} had to be written by ${by}.` : '';
}
