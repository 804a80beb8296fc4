import type { DayRule } from '@/core/calendar';
import type { TouchKind } from '@/core/touches';

import { isRound } from './occasion';

/** Which years of a date a rule is for: all, the round ones, or those that are not or not known. */
export const RULE_YEARS = ['all', 'round', 'plain'] as const;
export type RuleYears = (typeof RULE_YEARS)[number];

/** How whoever a rule is for is greeted on an occasion. Of several rules that fit, the first greets. */
export interface GreetingRule {
  id: string;
  /** See occasion.ts. */
  occasion: string;
  /** Only people of these circles; everybody where there are none. */
  circles: readonly string[];
  /** Only people in this view; null for everybody. */
  viewId: string | null;
  years: RuleYears;
  kind: TouchKind;
  way: 'hand' | 'auto';
  /** Days before the date on which the greeting is to be there. */
  leadDays: number;
  /** Where that day is not worked; by itself it goes on any day. */
  dayRule: DayRule;
  /** From this day on: what was before it is none of its business. */
  since: number;
}

/** Whether a greeting can go out by itself that way. */
export const isAutoKind = (kind: TouchKind): boolean => kind === 'email' || kind === 'text';

/** Kinds that are carried by post, and have to be written before their day. */
export const isMailed = (kind: TouchKind): boolean => kind === 'card' || kind === 'letter';

/** Whom a rule asks about. */
export interface RuleReader {
  circleId: string | null;
  /** The views of rules that they are in. */
  views: ReadonlySet<string>;
}

const fits = (rule: GreetingRule, reader: RuleReader, count: number | null): boolean => {
  if (rule.circles.length > 0 && !rule.circles.includes(reader.circleId ?? '')) return false;
  if (rule.viewId !== null && !reader.views.has(rule.viewId)) return false;
  if (rule.years === 'all') return true;
  return (count !== null && isRound(count)) === (rule.years === 'round');
};

/** Rules by occasion, in their order, so that most dates are answered by a look. */
export type RuleBook = ReadonlyMap<string, readonly GreetingRule[]>;

export function ruleBook(rules: readonly GreetingRule[]): RuleBook {
  const book = new Map<string, GreetingRule[]>();
  for (const rule of rules) book.set(rule.occasion, [...(book.get(rule.occasion) ?? []), rule]);
  return book;
}

/** The rule by which somebody is greeted; null for none. */
export const ruleFor = (
  book: RuleBook,
  reader: RuleReader,
  occasion: string,
  count: number | null,
): GreetingRule | null => book.get(occasion)?.find((rule) => fits(rule, reader, count)) ?? null;
