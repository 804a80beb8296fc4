import { GREETING, isHoliday, occasionName, type Greeting } from '@/core/almanac';
import { readKey } from '@/core/planner';
import { dayNumberOf } from '@/core/time';
import { KIND_WORDS, type TouchKind } from '@/core/touches';

import { act } from '../act';
import { conflict, notFound } from '../api';
import type { Context } from '../context';
import type { Sql } from '../db';
import { cancelByKey, messagesByKey } from '../messages';
import { findOrRefuse, homeOf } from '../people';
import { readSettings } from '../settings';
import { swapMark, upsertMark } from '../touches';
import { peopleOf } from './greetings';
import * as queries from './queries';
import { readAll } from './read';
import { markOf } from './source';

const TOPICS = ['almanac', 'enrolments', 'messages'] as const;

interface Change {
  key: string;
  kind?: TouchKind | undefined;
  words?: string | null | undefined;
  dropped?: boolean | undefined;
}

/** The greeting of a key, given or not, with the days around its year. */
async function findGreeting(ctx: Context, key: string): Promise<Greeting> {
  const { source, of, part } = readKey(key);
  const year = Number(part.slice(part.lastIndexOf(':') + 1));
  const ids = source === GREETING && year > 0 ? await homeOf(ctx.db, of) : [];
  const span = {
    from: dayNumberOf({ year, month: 1, day: 1 }),
    to: dayNumberOf({ year, month: 12, day: 31 }),
  };
  const found =
    ids.length > 0
      ? (await readAll(ctx, await readSettings(ctx.db), ids, span)).greetings.find(
          (one) => one.key === key || one.others.some((other) => other.key === key),
        )
      : undefined;
  if (!found) throw notFound('This greeting is not planned any more.');
  return found;
}

/** Changes one greeting before it happens. */
export async function change(ctx: Context, { key, kind, words, dropped }: Change) {
  const greeting = await findGreeting(ctx, key);
  const { name } = await findOrRefuse(ctx.db, greeting.personId);
  const everyone = peopleOf(greeting);
  const what = isHoliday(greeting.occasion) ? greeting.name : occasionName(greeting.occasion);
  return act(ctx, async (tx) => {
    await assertOpen(tx, greeting, dropped === false);
    if (dropped === true) {
      for (const one of marksOf(greeting)) await upsertMark(tx, one);
      await cancelByKey(tx, [greeting.key], 'You dropped this greeting.');
    }
    if (dropped === false) await takeUp(tx, greeting);
    if (kind)
      await swapMark(tx, {
        ...markOf(greeting.key, greeting.personId, 'skipped', greeting.on),
        fate: 'put_off',
        kind,
      });
    if (words === null) await queries.removeOwnWords(tx, greeting.key);
    else if (words !== undefined)
      await queries.setOwnWords(tx, { id: greeting.key, person_id: greeting.personId, words });
    const sentence =
      dropped === true
        ? `Dropped: ${name}, ${what}`
        : dropped === false
          ? `Taken up again: ${name}, ${what}`
          : kind
            ? `${name}, ${what}: ${KIND_WORDS[kind].noun} instead`
            : `${name}, ${what}: other words`;
    return { sentence, plan: everyone, topics: TOPICS };
  });
}

const marksOf = ({ key, personId, others, on }: Greeting) =>
  [{ key, personId }, ...others].map((one) => markOf(one.key, one.personId, 'skipped', on));

/** Refuses what was given already, or is on its way; what was dropped can only be taken up again. */
async function assertOpen(tx: Sql, { key }: Greeting, takingUp: boolean): Promise<void> {
  const [message] = await messagesByKey(tx, [key]);
  if (message?.state === 'gone' || message?.state === 'handing')
    throw conflict('This greeting has gone already.');
  const fate = await queries.fateOf(tx, key);
  if (fate === 'made') throw conflict('This greeting was given already.');
  if (fate === 'skipped' && !takingUp)
    throw conflict('This greeting was dropped. Take it up again first.');
  if (takingUp && message?.state === 'cancelled')
    throw conflict('Its message was cancelled. Write to them by hand instead.');
}

async function takeUp(tx: Sql, { key, others }: Greeting): Promise<void> {
  await queries.removeMarks(tx, [key, ...others.map((one) => one.key)]);
}

/** Whether somebody is greeted on an occasion, or at all; no reason is asked. */
export async function hush(
  ctx: Context,
  personId: string,
  { occasion, hushed }: { occasion: string; hushed: boolean },
) {
  return act(ctx, async (tx) => {
    const { name } = await findOrRefuse(tx, personId);
    await queries.setHushed(tx, personId, occasion, hushed);
    const what = occasion === '' ? 'any occasion' : occasionName(occasion);
    return {
      sentence: hushed ? `${name} is not greeted on ${what}` : `${name} may be greeted again`,
      plan: await homeOf(tx, personId),
      topics: ['almanac', 'people'],
    };
  });
}

/** Whether birthdays of a home that lie near each other are greeted as one. */
export async function greetTogether(ctx: Context, id: string, together: boolean | null) {
  return act(ctx, async (tx) => {
    const members = await queries.setTogether(tx, id, together);
    if (members.length === 0) throw notFound('This household is not there any more.');
    return {
      sentence: together
        ? 'Birthdays of this home are greeted together'
        : 'Everybody of this home is greeted on their own day',
      plan: members,
      topics: ['almanac', 'people'],
    };
  });
}
