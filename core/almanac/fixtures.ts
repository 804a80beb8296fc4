import type { GreetingRule } from './rules';

/** A rule that greets everybody on their birthday by a call, since ever: what tests and benches begin with. */
export const ruleOf = (change: Partial<GreetingRule> = {}): GreetingRule => ({
  id: 'r',
  occasion: 'birthday',
  circles: [],
  viewId: null,
  years: 'all',
  kind: 'call',
  way: 'hand',
  leadDays: 0,
  dayRule: 'previous',
  since: 0,
  ...change,
});
