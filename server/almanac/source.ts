import { GREETING, greetingReason, greetingSource, type PlanGreeting } from '@/core/almanac';
import { fill } from '@/core/templates';
import { partsOf, toDayNumber, toPlainDate } from '@/core/time';

import { newId, type Sql } from '../db';
import { groupBy, type Settled, type TouchSource } from '../planner';
import { noteSaid } from '../templates';
import { copyTouch, upsertMark } from '../touches';
import { greetingValues, hold, saidOf, sayerOf, wordsFor, type GreetingsHeld } from './held';
import * as queries from './queries';
import { readGreetings } from './read';

/** Days before today from which greetings may still be given. */
const BELATED_DAYS = 8;
/** Somewhat more than a year, which is as far as anything looks ahead. */
const AHEAD_DAYS = 380;

/** Greetings on dates and holidays. */
export const greetings: TouchSource<GreetingsHeld> = {
  core: greetingSource,
  async read(ctx, ids, settings, before) {
    const today = toDayNumber(ctx.clock.today());
    const span = { from: today - BELATED_DAYS, to: today + AHEAD_DAYS };
    const read = await readGreetings(ctx, settings, ids, span);
    const held = await hold(ctx, settings, read, ids, before);
    const byPerson = groupBy(read.greetings, ({ personId }) => personId);
    const asksOf = (mine: typeof read.greetings) => mine.map(({ key }) => held.plans.get(key)!);
    return { asks: new Map([...byPerson].map(([id, mine]) => [id, asksOf(mine)])), held };
  },
  why({ item }, held, today) {
    const said = saidOf(held, item.key);
    return said ? greetingReason({ item }, said, today) : 'A greeting.';
  },
  words({ item }, held, values) {
    const words = wordsFor(held, item.key)?.words ?? '';
    const filled = fill(words, { ...values, ...greetingValues(held, item.key) });
    return filled.ok ? filled.text : words;
  },
  template: ({ item }, held) => wordsFor(held, item.key)?.template ?? null,
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
    if (copy) await copyTouch(tx, touchId!, [{ id: copy, person_id: personId }]);
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
});
