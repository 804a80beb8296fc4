import type { CallOutput } from '@/contract/endpoint';
import type { getDesk } from '@/contract/touches';
import { isWorkingDay } from '@/core/calendar';
import { need } from '@/core/need';
import { caughtUpOn, overdueNow, type PlannedTouch } from '@/core/planner';
import { CHANNEL_WORDS, type Consents } from '@/core/people';
import { longDate, plainDate, toPlainDate, type PlainDate } from '@/core/time';
import { channelOf, insteadOf, needsOf, standingOf, type TouchKind } from '@/core/touches';
import { isQuiet, timeIn, zoneOfAddress } from '@/core/zones';

import type { Context } from '../context';
import { queuedItems } from '../delivery';
import { toStanding } from '../people';
import {
  addPins,
  groupBy,
  itemTemplate,
  itemWords,
  madeWith,
  plannedReason,
  sphereNow,
  type Sphere,
} from '../planner';
import { readMergeValues } from '../templates';
import * as queries from './queries';

type Desk = CallOutput<typeof getDesk>;

const MOVED_SHOWN = 20;

/** Today's touches, and where the ones went that today has no room for. */
export async function readDesk(ctx: Context): Promise<Desk> {
  const today = ctx.clock.today();
  const sphere = await sphereNow(ctx);
  const now = sphere.options.today;
  const planned = sphere.plan.touches.filter(({ day }) => day === now);
  const queued = await queuedItems(
    ctx.db,
    planned.map(({ item }) => item.key),
  );
  // What was written and waits to be sent is done, as far as the desk goes.
  const due = planned.filter(({ item }) => !queued.has(item.key));
  const moved = sphere.plan.touches.filter(({ item, day }) => day > now && item.wanted <= now);
  return {
    today,
    workingDay: isWorkingDay(now, sphere.options.calendar),
    capacity: sphere.options.capacity,
    minutes: due.reduce((sum, { item }) => sum + sphere.options.limits.minutes[item.kind], 0),
    items: await describe(ctx, sphere, due, today),
    made: (await queries.madeOn(ctx.db, today)).map((row) => ({
      touchId: row.touch_id,
      actionId: row.action_id,
      personId: row.person_id,
      name: row.name,
      kind: row.kind,
      outcome: row.outcome,
    })),
    moved: moved.slice(0, MOVED_SHOWN).map(({ item, day }) => ({
      personId: item.personId,
      name: sphere.names.get(item.personId) ?? '',
      day: toPlainDate(day),
    })),
    movedCount: moved.length,
    backlog: backlogOf(sphere),
  };
}

function backlogOf({ plan, people }: Sphere): Desk['backlog'] {
  const overdue = overdueNow(plan, people);
  const day = caughtUpOn(overdue);
  return { overdue: overdue.length, caughtUpOn: day === null ? null : toPlainDate(day) };
}

/**
 * What the owner has seen stays on today's desk in its place: later plans of the day begin with it.
 * The screen says so when it shows the desk; it is no action of the owner's, and plans nobody anew.
 */
export async function noteSeen(ctx: Context, keys: readonly string[]): Promise<{ seen: number }> {
  const { plan, options } = await sphereNow(ctx);
  const due = plan.touches.filter(({ day }) => day === options.today).map(({ item }) => item.key);
  const seen = due.filter((key) => keys.includes(key));
  if (seen.length > 0) await addPins(ctx.db, ctx.clock.today(), seen);
  return { seen: seen.length };
}

async function describe(
  ctx: Context,
  sphere: Sphere,
  due: readonly PlannedTouch[],
  today: PlainDate,
) {
  const ids = due.map(({ item }) => item.personId);
  const [facts, notes] = [
    groupBy(await queries.deskPeople(ctx.db, ids), ({ id }) => id),
    groupBy(await queries.lastNotes(ctx.db, ids), ({ person_id }) => person_id),
  ];
  const made = await madeWith(ctx.db, ids);
  const values = await readMergeValues(ctx, ctx.db, ids);
  return due.flatMap((touch) => {
    const person = facts.get(touch.item.personId)?.[0];
    if (!person) return [];
    const [note] = notes.get(person.id) ?? [];
    const standing = standingOf(
      { promiseDays: person.promise_days, due: person.due },
      sphere.options.today,
    );
    const planned = { promiseDays: person.promise_days, due: person.due };
    return {
      key: touch.item.key,
      personId: person.id,
      name: person.name,
      kind: touch.item.kind,
      source: touch.item.source,
      reason: plannedReason(ctx, sphere, touch, planned, made(person.id), today),
      standing: toStanding(standing),
      words: itemWords(ctx, sphere, touch, need(values.get(person.id))),
      template: itemTemplate(ctx, sphere, touch),
      lastNote: note ? { on: plainDate(note.on_day), body: note.body } : null,
      quiet: isRung(touch.item.kind) ? quietThere(ctx, sphere, person) : null,
      refused: refusal(person.consent, touch.item.kind, today),
      lacks: missing(person, touch.item.kind),
      instead: ways(person, touch.item.kind),
      phone: person.phone,
      email: person.email,
    };
  });
}

/** Why a touch can't be made this way; a no is never overridden. */
function refusal(consent: Consents, kind: TouchKind, today: PlainDate): string | null {
  const channel = channelOf(kind);
  const answer = channel ? consent[channel] : undefined;
  if (!channel || answer?.answer !== 'no') return null;
  const from = answer.cameFrom ? `, ${answer.cameFrom}` : '';
  return `They said no to ${CHANNEL_WORDS[channel].toLowerCase()} (${longDate(plainDate(answer.on), today)}${from}). Reach them another way and log that, or let it go; if it has changed, say so on their sheet.`;
}

const isRung = (kind: TouchKind) => kind === 'call' || kind === 'text';

/** That it is night where somebody lives, in another zone than the owner's; null where it is not. */
function quietThere(ctx: Context, { settings }: Sphere, person: Reachable): string | null {
  const zone = zoneOfAddress(person, settings.country);
  if (!zone || zone === settings.timeZone) return null;
  const time = timeIn(zone, ctx.clock.nowMs());
  return isQuiet(time, settings)
    ? `It is ${time} where they live; better after ${settings.quietUntil}.`
    : null;
}

type Reachable = Awaited<ReturnType<typeof queries.deskPeople>>[number];

const has = (person: Reachable, kind: TouchKind): boolean => {
  const need = needsOf(kind);
  return !need || person[need === 'address' ? 'address_line' : need] !== '';
};

const NEED_WORDS = { phone: 'No phone', email: 'No e-mail', address: 'No address' } as const;

function missing(person: Reachable, kind: TouchKind): string | null {
  const need = needsOf(kind);
  return need && !has(person, kind) ? `${NEED_WORDS[need]} for ${person.name}.` : null;
}

/** Ways that can be gone instead, the likeliest first: what is on record and was not refused. */
const ways = (person: Reachable, kind: TouchKind): TouchKind[] =>
  insteadOf(kind).filter((other) => {
    const channel = channelOf(other);
    const no = channel !== null && person.consent[channel]?.answer === 'no';
    return has(person, other) && !no;
  });
