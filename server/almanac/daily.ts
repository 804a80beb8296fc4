import {
  greetingItem,
  isByHand,
  isHoliday,
  marksOf,
  occasionName,
  peopleOf,
  type Greeting,
} from '@/core/almanac';
import { need } from '@/core/need';
import { contextOf, readKey } from '@/core/planner';
import { plural, toPlainDate } from '@/core/time';

import type { Reaction } from '../act';
import type { Context } from '../context';
import { newId, type Sql } from '../db';
import {
  cancelByKey,
  ensureBatches,
  isChannel,
  moveByKey,
  queueDeliveries,
  rescheduleByKey,
  unsentBefore,
  waitingBy,
  type DeliveryRequest,
} from '../delivery';
import { sphereNow } from '../planner';
import { recurAgain, type Recurring } from '../tasks';
import { greetingValues, greetingLookupOf, homeIn, wordsFor, type GreetingLookup } from './lookup';
import * as queries from './queries';
import { greetingsIn, greetingTimes, planAll } from './read';

/** What the keys of greetings begin with. */
const OURS = 'greet:';
/** What goes by itself is written so many days ahead: where it is tomorrow already, it is in time as well. */
const WRITTEN_AHEAD_DAYS = 1;
/** A message may wait for a date so far away: the most days before it that a rule can say, and one for writing it. */
const WAITING_DAYS = 61;
const GREETINGS_PER_STEP = 200;

/**
 * What a new day does by itself: writes the messages of greetings that go without a hand, and notes those that
 * nobody gave in their time. Each is known by its key, so that a second run finds nothing to do.
 */
export const greetingRound: Recurring = {
  name: 'greetings',
  afterWrites: true,
  async run(ctx) {
    hasTravelled(ctx);
    await handBack(ctx);
    const sphere = await sphereNow(ctx);
    const lookup = greetingLookupOf(sphere);
    const context = contextOf(sphere.options);
    const due: Greeting[] = [];
    const past: Greeting[] = [];
    for (const greeting of lookup.greetings.values()) {
      const plan = need(lookup.plans.get(greeting.key));
      if (!isByHand(plan, context)) {
        if (plan.goesOn <= context.today + WRITTEN_AHEAD_DAYS) due.push(greeting);
      } else if (!greetingItem(greeting.personId, plan, context)) past.push(greeting);
    }
    for (let at = 0; at < past.length; at += GREETINGS_PER_STEP)
      await ctx.db.transaction((tx) => note(tx, past.slice(at, at + GREETINGS_PER_STEP), 'missed'));
    let written = 0;
    for (let at = 0; at < due.length; at += GREETINGS_PER_STEP)
      written += await write(ctx, lookup, due.slice(at, at + GREETINGS_PER_STEP));
    ctx.writes.markStale([...past, ...due].flatMap(peopleOf));
    return `${plural(written, 'greeting')} written`;
  },
};

/**
 * What could not go on its day comes back to the owner's hand; what was to go and has no message any more,
 * because it was cancelled by something that was undone, is written anew.
 */
async function handBack(ctx: Context): Promise<void> {
  const today = ctx.clock.today();
  const unsent = await unsentBefore(ctx.db, OURS, today);
  const lost = await queries.withoutMessage(ctx.db, today);
  if (unsent.length + lost.length === 0) return;
  const keys = unsent.map(({ key }) => key);
  await ctx.db.transaction(async (tx) => {
    await cancelByKey(tx, keys, 'Its day has passed. It is on the desk instead.');
    await queries.reopen(tx, [...keys, ...lost.map(({ id }) => id)]);
  });
  ctx.writes.markStale([...unsent, ...lost].map(({ person_id }) => person_id));
  ctx.writes.bumpTopics(['messages', 'almanac']);
}

/** Marks greetings that need nobody's hand any more; answers the keys of those that were not marked before. */
const note = (sql: Sql, some: readonly Greeting[], fate: 'waiting' | 'missed') =>
  queries.noteFates(
    sql,
    some.flatMap((greeting) =>
      marksOf(greeting).map(({ key, personId }) => ({
        id: key,
        person_id: personId,
        fate,
        planned_on: toPlainDate(greeting.on),
        // Of what goes by itself only the first has a message.
        why: fate === 'missed' ? 'day_past' : key === greeting.key ? null : 'together',
      })),
    ),
  );

/** Puts greetings into the outbox, each once; returns how many are new. */
const write = (ctx: Context, lookup: GreetingLookup, due: readonly Greeting[]): Promise<number> =>
  ctx.db.transaction(async (tx) => {
    const fresh = await note(tx, due, 'waiting');
    const requests = due
      .filter(({ key, kind }) => fresh.has(key) && isChannel(ctx, kind))
      .map((one) => requestOf(lookup, one));
    if (requests.length === 0) return 0;
    const batches = await ensureBatches(
      tx,
      requests.map(({ cadence, channel, on }) => ({
        id: newId(ctx.clock.nowMs()),
        key: batchKey(cadence, channel, on),
        label: cadence,
        channel,
        made_at: ctx.clock.now(),
      })),
    );
    return queueDeliveries(
      ctx,
      tx,
      requests.map((request) => ({
        ...request,
        batchId: batches.get(batchKey(request.cadence, request.channel, request.on)) ?? null,
      })),
    );
  });

/** Greetings of one occasion by one channel on one day go together. */
const batchKey = (cadence: string, channel: string, on: string) => `${cadence}:${channel}:${on}`;

function requestOf(lookup: GreetingLookup, one: Greeting): DeliveryRequest {
  const on = toPlainDate(need(lookup.plans.get(one.key)).goesOn);
  return {
    ...need(wordsFor(lookup, one.key)),
    key: one.key,
    personId: one.personId,
    channel: one.kind,
    cadence: `Greeting: ${isHoliday(one.occasion) ? one.name : occasionName(one.occasion)}`,
    beatId: null,
    itemKey: '',
    automatic: true,
    on,
    occasion: greetingValues(lookup, one.key),
    goodUntil: on,
  };
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
export const syncQueuedGreetings: Reaction = {
  name: 'keep greetings true',
  to: ['people', 'almanac', 'settings'],
  async run(ctx) {
    if (await queries.isAnyRule(ctx.db)) await recurAgain(ctx, greetingRound.name);
    const waiting = await waitingBy(ctx.db, OURS);
    if (waiting.length === 0) return;
    const days = await daysOfThose(
      ctx,
      waiting.map(({ key }) => readKey(key).of),
    );
    const gone = waiting.filter(({ key }) => !days.has(key)).map(({ key }) => key);
    const moved = waiting.flatMap(({ key, planned_on }) => {
      const on = days.get(key);
      return on && on !== planned_on ? [{ key, on }] : [];
    });
    if (hasTravelled(ctx)) await rescheduleByKey(ctx, [...days.keys()]);
    if (gone.length > 0)
      await ctx.db.transaction(async (tx) => {
        await cancelByKey(tx, gone, 'What it was for is not there any more.');
        await queries.reopen(tx, gone);
      });
    if (moved.length > 0) await moveByKey(ctx.db, moved);
    if (gone.length + moved.length > 0) ctx.writes.bumpTopics(['messages', 'almanac']);
    ctx.writes.markStale(gone.map((key) => readKey(key).of));
  },
};

/** On which day the greetings to these people go that rules ask for now, by the key of each mark. */
async function daysOfThose(ctx: Context, ids: readonly string[]): Promise<Map<string, string>> {
  const sphere = await sphereNow(ctx);
  const { settings, options } = sphere;
  const lookup = greetingLookupOf(sphere);
  const { greetings } = greetingsIn(
    { settings, people: homeIn(lookup, ids), rules: [...lookup.rules.values()] },
    { from: options.today - WAITING_DAYS, to: options.today + WAITING_DAYS },
  );
  const plans = planAll(greetings, greetingTimes(ctx, settings));
  return new Map(
    greetings.flatMap((greeting) => {
      const on = toPlainDate(need(plans.get(greeting.key)).goesOn);
      return marksOf(greeting).map(({ key }): [string, string] => [key, on]);
    }),
  );
}
