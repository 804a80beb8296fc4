import { isHoliday, marksOf, occasionName, peopleOf, type Greeting } from '@/core/almanac';
import { readKey } from '@/core/planner';
import { dayNumberOf } from '@/core/time';
import { aKind, type TouchKind } from '@/core/touches';

import { act } from '../act';
import { conflict, invalid, notFound } from '../api';
import type { Context } from '../context';
import type { Sql } from '../db';
import { cancelByKey, deliveriesByKey } from '../delivery';
import { findOrRefuse, homeOf } from '../people';
import { sphereNow } from '../planner';
import { faultsOfWords } from '../templates';
import { swapMark, upsertMark } from '../touches';
import { greetingLookupOf, homeIn } from './lookup';
import * as queries from './queries';
import { greetingsIn } from './read';
import { markOf } from './source';

const TOPICS = ['almanac', 'enrolments', 'messages'] as const;

interface Change {
  key: string;
  kind?: TouchKind | undefined;
  words?: string | null | undefined;
  dropped?: boolean | undefined;
}

/** The greeting that a mark is of, whatever became of it. */
async function findGreeting(ctx: Context, key: string): Promise<Greeting> {
  const { of, part } = readKey(key);
  const year = Number(part.slice(part.lastIndexOf(':') + 1));
  const sphere = await sphereNow(ctx);
  const lookup = greetingLookupOf(sphere);
  const people = lookup.people.has(of) && year > 0 ? homeIn(lookup, [of]) : [];
  const { greetings } = greetingsIn(
    { settings: sphere.settings, people, rules: [...lookup.rules.values()] },
    {
      from: dayNumberOf({ year, month: 1, day: 1 }),
      to: dayNumberOf({ year, month: 12, day: 31 }),
    },
  );
  const found = greetings.find((one) => marksOf(one).some((mark) => mark.key === key));
  if (!found) throw notFound('This greeting is not planned any more.');
  return found;
}

/** Changes one greeting before it happens. */
export async function change(ctx: Context, { key, kind, words, dropped }: Change) {
  const greeting = await findGreeting(ctx, key);
  if (words) await assertWords(ctx, words);
  const { name } = await findOrRefuse(ctx.db, greeting.personId);
  const what = isHoliday(greeting.occasion) ? greeting.name : occasionName(greeting.occasion);
  return act(ctx, async (tx) => {
    await assertOpen(tx, greeting, { words, dropped });
    if (dropped === true) await drop(tx, greeting);
    if (dropped === false) await queries.removeMarks(tx, keysOf(greeting));
    if (kind) await goBy(tx, greeting, kind);
    if (words === null) await queries.removeOwnWords(tx, greeting.key);
    else if (words !== undefined)
      await queries.setOwnWords(tx, { id: greeting.key, person_id: greeting.personId, words });
    const said = dropped !== undefined ? DROPPED[`${dropped}`] : kind ? aKind(kind) : 'other words';
    return { sentence: `${name}, ${what}: ${said}`, plan: peopleOf(greeting), topics: TOPICS };
  });
}

const DROPPED = { true: 'no greeting', false: 'greeted after all' };
const keysOf = (greeting: Greeting) => marksOf(greeting).map((mark) => mark.key);

async function assertWords(ctx: Context, words: string): Promise<void> {
  const [fault] = await faultsOfWords(ctx, [words]);
  if (fault) throw invalid(fault, 'words');
}

/** Nobody whom it is for is greeted; a message that waits is cancelled. */
async function drop(tx: Sql, greeting: Greeting): Promise<void> {
  await cancelByKey(tx, [greeting.key], 'You dropped this greeting.');
  for (const { key, personId } of marksOf(greeting))
    await upsertMark(tx, markOf(key, personId, 'skipped', greeting.on));
}

/** Another way, by hand: a message that waits is not sent as well. */
async function goBy(tx: Sql, { key, personId, on }: Greeting, kind: TouchKind): Promise<void> {
  await cancelByKey(tx, [key], 'You chose another way for this greeting.');
  await queries.reopen(tx, [key]);
  await swapMark(tx, { ...markOf(key, personId, 'skipped', on), fate: 'put_off', kind });
}

/** Refuses what was given or has gone; what was dropped can only be taken up again. */
async function assertOpen(
  tx: Sql,
  { key }: Greeting,
  { words, dropped }: Pick<Change, 'words' | 'dropped'>,
): Promise<void> {
  const [message] = await deliveriesByKey(tx, [key]);
  const fate = await queries.fateOf(tx, key);
  if (message?.state === 'sent' || message?.state === 'sending')
    throw conflict('This greeting has gone already.');
  if (message?.state === 'cancelled')
    throw conflict('Its message was cancelled under Out. Write to them by hand instead.');
  if (fate === 'made') throw conflict('This greeting was given already.');
  if (fate === 'missed') throw conflict('The day of this greeting went by.');
  if (fate === 'skipped' && dropped !== false)
    throw conflict('This greeting was dropped. Take it up again first.');
  if (message && words !== undefined)
    throw conflict('Its message waits under Out. Change its words there.');
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
