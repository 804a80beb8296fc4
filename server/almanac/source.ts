import { GREETING, greetingReason, greetingSource, type PlanGreeting } from '@/core/almanac';
import { need } from '@/core/need';
import { fill } from '@/core/templates';
import { partsOf, toPlainDate } from '@/core/time';

import { newId, type Sql } from '../db';
import type { Settled, TouchSource } from '../planner';
import { noteSaid } from '../templates';
import { copyTouch, upsertMark } from '../touches';
import {
  greetingValues,
  readLookup,
  saidOf,
  sayerOf,
  wordsFor,
  type GreetingLookup,
} from './lookup';
import * as queries from './queries';

/** Greetings on dates and holidays. */
export const greetings: TouchSource<GreetingLookup> = {
  core: greetingSource,
  async read(ctx, ids, settings, before) {
    const lookup = await readLookup(ctx, ids, settings, before);
    const asks = new Map<string, PlanGreeting[]>();
    const theirs = ids && new Set(ids);
    for (const { key, personId } of lookup.greetings.values())
      if (!theirs || theirs.has(personId))
        asks.set(personId, [...(asks.get(personId) ?? []), need(lookup.plans.get(key))]);
    return { asks, lookup };
  },
  why({ item }, lookup, today) {
    const said = saidOf(lookup, item.key);
    return said ? greetingReason({ item }, said, today) : 'A greeting.';
  },
  words({ item }, lookup, values) {
    const words = wordsFor(lookup, item.key)?.words ?? '';
    const filled = fill(words, { ...values, ...greetingValues(lookup, item.key) });
    return filled.ok ? filled.text : words;
  },
  template: ({ item }, lookup) => wordsFor(lookup, item.key)?.template ?? null,
  groupName: () => 'Greetings',
  async settled(ctx, tx, settled) {
    const mine = (settled.person.asks[GREETING] ?? []) as readonly PlanGreeting[];
    const greeting = mine.find(({ key }) => key === settled.touch.item.key);
    if (!greeting) return;
    await settleOthers(tx, greeting, settled);
    const rule = settled.made && (await queries.findRule(tx, greeting.ruleId));
    if (!rule) return;
    const [round, personId] = [partsOf(greeting.on).year, settled.person.id];
    await noteSaid(tx, sayerOf(rule), { round, personId, at: ctx.clock.now() });
  },
};

/** Whom it was for as well: their mark, so that they are not greeted again, and the touch that it was. */
async function settleOthers(
  tx: Sql,
  { others, on }: PlanGreeting,
  { made, touchId }: Pick<Settled, 'made' | 'touchId'>,
): Promise<void> {
  for (const { personId, key } of others) {
    const copy = made && touchId ? newId() : null;
    if (copy) await copyTouch(tx, need(touchId), [{ id: copy, person_id: personId }]);
    await upsertMark(tx, markOf(key, personId, made ? 'made' : 'skipped', on, copy));
  }
}

/** What became of a greeting. */
export const markOf = (
  key: string,
  personId: string,
  fate: 'made' | 'skipped',
  on: number,
  touchId: string | null = null,
) => ({
  id: key,
  person_id: personId,
  fate,
  planned_on: toPlainDate(on),
  touch_id: touchId,
  until: null,
  enrolment_id: null,
  kind: null,
  why: null,
  about: '',
});
