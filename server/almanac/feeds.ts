import { createHash, randomBytes } from 'node:crypto';

import type { CalendarFeed, FeedDraft } from '@/contract/calendars';
import { dateEvents, TOUCH_UID, type AlmanacPerson, type CalendarEvent } from '@/core/almanac';
import { need } from '@/core/need';
import { itemKey, KEEPER, type PlannedTouch } from '@/core/planner';
import { addDays, partsOf, plainDate } from '@/core/time';
import { KIND_WORDS } from '@/core/touches';

import { act } from '../act';
import { notFound } from '../api';
import type { Context } from '../context';
import { newId } from '../db';
import { asking, exactIdsOf } from '../people';
import { madeWith, plannedReason, sphereNow, type Sphere } from '../planner';
import { readCircles } from '../settings';
import type { Recurring } from '../tasks';
import { filterOf } from '../views';
import * as queries from './feed-queries';
import type { FeedRow } from './feed-queries';
import { greetingLookupOf } from './lookup';
import { digestOf, toCalendar } from './ics';

/** What stands before the token in an address. */
export const FEED_PATH = '/calendar';

export const tokenDigest = (token: string): string =>
  createHash('sha256').update(token).digest('hex');

const newToken = () => randomBytes(24).toString('base64url');
const pathOf = (token: string) => `${FEED_PATH}/${token}.ics`;

export async function listFeeds(ctx: Context): Promise<{ feeds: CalendarFeed[] }> {
  const sphere = await sphereNow(ctx);
  const feeds: CalendarFeed[] = [];
  for (const row of await queries.readFeeds(ctx.db))
    feeds.push({
      id: row.id,
      name: row.name,
      shows: row.shows,
      circleId: row.circle_id,
      viewId: row.view_id,
      alarmMinutes: row.alarm_minutes,
      madeOn: plainDate(row.made_on),
      events: (await eventsOf(ctx, sphere, row)).length,
    });
  return { feeds };
}

export async function addFeed(ctx: Context, draft: FeedDraft) {
  const { circleId, viewId } = draft;
  if (viewId && !(await filterOf(ctx, ctx.db, viewId)))
    throw notFound('This view is not there any more.');
  if (circleId && !(await readCircles(ctx.db)).some(({ id }) => id === circleId))
    throw notFound('This circle is not there any more.');
  const [id, token] = [newId(), newToken()];
  const feed: FeedRow = {
    id,
    name: draft.name,
    shows: draft.shows,
    circle_id: circleId,
    view_id: viewId,
    alarm_minutes: draft.alarmMinutes,
    made_on: ctx.clock.today(),
  };
  return act(ctx, async (tx) => {
    await queries.insertFeed(tx, feed, tokenDigest(token));
    return { ...made(id, token), sentence: `A calendar can read ${draft.name} now` };
  });
}

const made = (id: string, token: string) => ({
  id,
  path: pathOf(token),
  plan: 'nobody' as const,
  topics: ['almanac'] as const,
});

async function findOrRefuse(ctx: Context, id: string): Promise<FeedRow> {
  const feed = await queries.findFeed(ctx.db, id);
  if (!feed) throw notFound('This calendar is not there any more.');
  return feed;
}

export async function renewFeed(ctx: Context, id: string) {
  const { name } = await findOrRefuse(ctx, id);
  const token = newToken();
  return act(ctx, async (tx) => {
    await queries.setDigest(tx, id, tokenDigest(token));
    return { ...made(id, token), sentence: `${name} has another address` };
  });
}

export async function removeFeed(ctx: Context, id: string) {
  const { name } = await findOrRefuse(ctx, id);
  return act(ctx, async (tx) => {
    await queries.removeFeed(tx, id);
    return { sentence: `No calendar reads ${name} any more`, plan: 'nobody', topics: ['almanac'] };
  });
}

type Shown = Pick<FeedRow, 'shows' | 'circle_id' | 'view_id'>;

/** The events of a feed as things are now, in the order of their ids. */
async function eventsOf(ctx: Context, sphere: Sphere, feed: Shown): Promise<CalendarEvent[]> {
  const people = await peopleOf(ctx, sphere, feed);
  const { today } = sphere.options;
  const dates = feed.shows.includes('dates')
    ? dateEvents(people, sphere.names, {
        thisYear: partsOf(today).year,
        leapDay: sphere.settings.leapDay,
      })
    : [];
  const touches = feed.shows.includes('touches') ? await touchEvents(ctx, sphere, people) : [];
  // In an order that does not depend on who was changed last.
  return [...dates, ...touches].sort((a, b) => (a.uid < b.uid ? -1 : 1));
}

async function peopleOf(ctx: Context, sphere: Sphere, feed: Shown): Promise<AlmanacPerson[]> {
  const all = [...greetingLookupOf(sphere).people.values()];
  const { circle_id, view_id } = feed;
  if (circle_id) return all.filter(({ circleId }) => circleId === circle_id);
  if (!view_id) return all;
  const view = await filterOf(ctx, ctx.db, view_id);
  const ids = new Set(
    view && !view.fault ? await exactIdsOf(ctx.db, view.filter, asking(ctx)) : [],
  );
  return all.filter(({ id }) => ids.has(id));
}

/**
 * What a planned touch is known by, whatever day it moves to. The key of one that only keeps a promise holds the
 * day on which that runs out, which moves with every touch: it is known by how many of them come before it.
 */
const uidKey = ({ item }: PlannedTouch, before: readonly PlannedTouch[]): string =>
  item.source === KEEPER
    ? itemKey(KEEPER, item.personId, before.filter((one) => one.item.source === KEEPER).length)
    : item.key;

/** Planned touches, each on its day. */
async function touchEvents(
  ctx: Context,
  sphere: Sphere,
  people: readonly AlmanacPerson[],
): Promise<CalendarEvent[]> {
  const today = ctx.clock.today();
  const made = await madeWith(
    ctx.db,
    people.map(({ id }) => id),
  );
  const due = new Map(sphere.people.map((person) => [person.id, person]));
  return people.flatMap(({ id }) =>
    (sphere.byPerson.get(id) ?? []).map((touch, at, all): CalendarEvent => {
      const { item, day } = touch;
      const person = need(due.get(id));
      return {
        uid: TOUCH_UID + encodeURIComponent(uidKey(touch, all.slice(0, at))),
        summary: `${KIND_WORDS[item.kind].verb} ${sphere.names.get(id) ?? ''}`.trim(),
        description: plannedReason(ctx, sphere, touch, person, made(id), today),
        on: day,
        yearly: null,
      };
    }),
  );
}

type Written = Pick<FeedRow, 'name' | 'alarm_minutes'>;

/** Events as an iCalendar text that belongs to no feed; writes nothing. */
export const fileText = async (ctx: Context, feed: Written & Shown): Promise<string> =>
  textOf(ctx, feed, await eventsOf(ctx, await sphereNow(ctx), feed), []);

/**
 * A feed as an iCalendar text. What it says of each event is noted before it is answered, so that an event that
 * changes, or changes back, always has a higher number and a later stamp.
 */
export async function feedText(ctx: Context, feed: FeedRow): Promise<string> {
  const events = await eventsOf(ctx, await sphereNow(ctx), feed);
  const before = new Map(
    (await queries.readTold(ctx.db, feed.id)).map(({ uid, digest }) => [uid, digest]),
  );
  const changed = events
    .map((event) => ({ uid: event.uid, digest: digestOf(event) }))
    .filter(({ uid, digest }) => before.get(uid) !== digest);
  if (changed.length > 0) await queries.noteTold(ctx.db, feed.id, changed, ctx.clock.now());
  return textOf(ctx, feed, events, await queries.readTold(ctx.db, feed.id));
}

const textOf = (
  ctx: Context,
  feed: Written,
  events: readonly CalendarEvent[],
  told: readonly queries.ToldRow[],
): string =>
  toCalendar(events, {
    name: feed.name,
    zone: ctx.clock.zone,
    alarmMinutes: feed.alarm_minutes,
    today: ctx.clock.today(),
    told: new Map(told.map((row) => [row.uid, row])),
  });

/** The feed that is read at an address; null where there is none, or none any more. */
export const feedAt = (ctx: Context, token: string): Promise<FeedRow | null> =>
  queries.feedAt(ctx.db, tokenDigest(token));

/** Days after which a touch that was planned once is forgotten. */
const FORGOTTEN_DAYS = 400;

/** Forgets touches that calendars were told of long ago. */
export const forgetTold: Recurring = {
  name: 'calendars',
  async run(ctx) {
    await queries.forgetTold(ctx.db, addDays(ctx.clock.today(), -FORGOTTEN_DAYS));
    return 'Old calendar events were forgotten.';
  },
};
