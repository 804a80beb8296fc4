import { greetingItem, isByHand, isHoliday, occasionName, type Greeting } from '@/core/almanac';
import { contextOf } from '@/core/planner';
import { plural, toDayNumber, toPlainDate } from '@/core/time';

import type { Reaction } from '../act';
import type { Context } from '../context';
import {
  cancelByKey,
  moveByKey,
  queueMessages,
  timeAnew,
  unsentBefore,
  waitingBy,
  type Wanted,
} from '../messages';
import { sphereNow } from '../planner';
import { readSettings } from '../settings';
import { recurAgain, type Recurring } from '../tasks';
import { peopleOf } from './greetings';
import { greetingValues, hold, wordsFor, type GreetingsHeld } from './held';
import * as queries from './queries';
import { greetingTimes, planAll, readAll, readGreetings } from './read';

/** What goes by itself is written so many days ahead: where it is tomorrow already, it is in time as well. */
const WRITTEN_AHEAD_DAYS = 1;
/** So far back is looked for what nobody gave. */
const LOOK_BACK_DAYS = 40;
/** A greeting may go so many days before its date (the most that a rule can say), and a day for writing it. */
const LOOK_AHEAD_DAYS = 61;
const AT_ONCE = 200;

/**
 * What a new day does by itself: writes the messages of greetings that go without a hand, and notes those that
 * nobody gave in their time. Each is known by its key, so that a second run finds nothing to do.
 */
export const greetingRound: Recurring = {
  name: 'greetings',
  afterWrites: true,
  async run(ctx) {
    hasTravelled(ctx);
    const unsent = await handBack(ctx);
    const { settings, options } = await sphereNow(ctx);
    const { today } = options;
    const context = contextOf(options);
    const span = { from: today - LOOK_BACK_DAYS, to: today + LOOK_AHEAD_DAYS };
    const read = await readGreetings(ctx, settings, null, span);
    const held = await hold(ctx, settings, read, null);
    const due: Greeting[] = [];
    const past: Greeting[] = [];
    for (const greeting of read.greetings) {
      const plan = held.plans.get(greeting.key)!;
      if (!isByHand(plan, context)) {
        if (plan.goesOn <= today + WRITTEN_AHEAD_DAYS) due.push(greeting);
      } else if (!greetingItem(greeting.personId, plan, context)) past.push(greeting);
    }
    for (let at = 0; at < past.length; at += AT_ONCE)
      await ctx.db.transaction((tx) =>
        queries.noteFates(
          tx,
          past.slice(at, at + AT_ONCE).flatMap((one) => marksOf(one, 'missed', 'day_past')),
        ),
      );
    let written = 0;
    for (let at = 0; at < due.length; at += AT_ONCE)
      written += await write(ctx, held, due.slice(at, at + AT_ONCE));
    ctx.writes.note([...unsent, ...[...past, ...due].flatMap(peopleOf)]);
    return `${plural(written, 'greeting')} written`;
  },
};

/** What could not go on its day comes back to the owner's hand; answers whom it was for. */
async function handBack(ctx: Context): Promise<string[]> {
  const unsent = await unsentBefore(ctx.db, 'greet:', ctx.clock.today());
  if (unsent.length === 0) return [];
  const keys = unsent.map(({ key }) => key);
  await ctx.db.transaction(async (tx) => {
    await cancelByKey(tx, keys, 'Its day has passed. It is on the desk instead.');
    await queries.reopen(tx, keys);
  });
  const ids = unsent.map(({ person_id }) => person_id);
  ctx.writes.note(ids);
  ctx.writes.touch(['messages']);
  return ids;
}

const marksOf = (
  { key, personId, others, on }: Pick<Greeting, 'key' | 'personId' | 'others' | 'on'>,
  fate: 'waiting' | 'missed',
  why: string | null,
) =>
  [{ key, personId }, ...others].map((one) => ({
    id: one.key,
    person_id: one.personId,
    fate,
    planned_on: toPlainDate(on),
    why,
  }));

/** Puts greetings into the outbox, each once; answers how many are new. */
async function write(ctx: Context, held: GreetingsHeld, due: readonly Greeting[]): Promise<number> {
  return ctx.db.transaction(async (tx) => {
    const fresh = await queries.noteFates(
      tx,
      due.flatMap((one) => marksOf(one, 'waiting', null)),
    );
    const wanted = due.flatMap((one): Wanted[] => {
      if (!fresh.has(one.key)) return [];
      const said = wordsFor(held, one.key)!;
      const goesOn = toPlainDate(held.plans.get(one.key)!.goesOn);
      return [
        {
          ...said,
          key: one.key,
          personId: one.personId,
          kind: one.kind === 'text' ? 'text' : 'email',
          cadence: `Greeting: ${isHoliday(one.occasion) ? one.name : occasionName(one.occasion)}`,
          beatId: null,
          itemKey: '',
          byItself: true,
          on: goesOn,
          occasion: greetingValues(held, one.key),
          goodUntil: goesOn,
        },
      ];
    });
    return wanted.length > 0 ? queueMessages(ctx, tx, wanted) : 0;
  });
}

/** The zone in which times were reckoned the last time. */
const zones = new WeakMap<Context, string>();

/** Whether the owner's zone is another than it was the last time that was asked. */
function hasTravelled(ctx: Context): boolean {
  const before = zones.get(ctx);
  zones.set(ctx, ctx.clock.zone);
  return before !== undefined && before !== ctx.clock.zone;
}

/** What was written may take the ground from greetings that wait: a date that was taken off, a rule. */
export const keepTrue: Reaction = {
  name: 'keep greetings true',
  to: ['people', 'almanac', 'settings'],
  async run(ctx) {
    if (await queries.isAnyRule(ctx.db)) await recurAgain(ctx, greetingRound.name);
    const waiting = await waitingBy(ctx.db, 'greet:');
    if (waiting.length === 0) return;
    const today = toDayNumber(ctx.clock.today());
    const span = { from: today - LOOK_BACK_DAYS, to: today + LOOK_AHEAD_DAYS };
    const settings = await readSettings(ctx.db);
    const { greetings } = await readAll(ctx, settings, null, span);
    const plans = planAll(greetings, greetingTimes(ctx, settings));
    const days = new Map([...plans].map(([key, { goesOn }]) => [key, toPlainDate(goesOn)]));
    const gone = waiting.filter(({ key }) => !days.has(key)).map(({ key }) => key);
    const moved = waiting.flatMap(({ key, planned_on }) => {
      const on = days.get(key);
      return on && on !== planned_on ? [{ key, on }] : [];
    });
    if (hasTravelled(ctx)) await timeAnew(ctx, [...days.keys()]);
    if (gone.length > 0) await cancelByKey(ctx.db, gone, 'What it was for is not there any more.');
    if (moved.length > 0) await moveByKey(ctx.db, moved);
    if (gone.length + moved.length > 0) ctx.writes.touch(['messages']);
  },
};
