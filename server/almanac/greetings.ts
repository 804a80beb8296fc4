import type { CallOutput } from '@/contract/endpoint';
import type { GREETING_STATES, listGreetings } from '@/contract/greetings';
import {
  dateWords,
  isTooLateForPost,
  planGreeting,
  quickWay,
  totalsOf,
  wayReason,
  type Greeting,
} from '@/core/almanac';
import { fill } from '@/core/templates';
import { toDayNumber, toPlainDate, type PlainDate } from '@/core/time';
import { kindSetups } from '@/core/touches';

import { invalid } from '../api';
import type { Context } from '../context';
import { messagesByKey } from '../messages';
import { homeOf, namesOf } from '../people';
import { sphereNow, type Sphere } from '../planner';
import { readMergeValues } from '../templates';
import { greetingValues, hold, saidOf, wordsFor, type GreetingsHeld } from './held';
import * as queries from './queries';
import { greetingTimes, readAll, type GreetingsRead } from './read';
import { shownLeftOut } from './rules';

type Shown = CallOutput<typeof listGreetings>['greetings'][number];
type State = (typeof GREETING_STATES)[number];

const MOST_DAYS = 400;
/** Post is written at most so many days before its date. */
const POST_DAYS = 60;
const SHOWN = 300;
const LEFT_OUT_SHOWN = 100;

/** The greetings of some weeks, those that were given and dropped among them. */
export async function readGreetingsOf(
  ctx: Context,
  { from, to, personId }: { from: PlainDate; to: PlainDate; personId?: string | undefined },
): Promise<CallOutput<typeof listGreetings>> {
  const span = { from: toDayNumber(from), to: toDayNumber(to) };
  if (span.to < span.from || span.to - span.from > MOST_DAYS)
    throw invalid(`Ask for at most ${MOST_DAYS} days, the first of them first.`, 'to');
  const sphere = await sphereNow(ctx);
  const ids = personId ? await homeOf(ctx.db, personId) : null;
  const read = await readAll(ctx, sphere.settings, ids, { ...span, to: span.to + POST_DAYS });
  const times = greetingTimes(ctx, sphere.settings);
  // What has to be written in these weeks belongs to them, though its date is later.
  const isIn = (one: Greeting) =>
    one.on <= span.to || (planGreeting(one, times).mail?.writeBy ?? Infinity) <= span.to;
  const mine = read.greetings.filter(
    (one) => isIn(one) && (!personId || peopleOf(one).includes(personId)),
  );
  const inOrder = [...mine].sort((a, b) => a.on - b.on || (a.key < b.key ? -1 : 1));
  const leftOut = read.leftOut
    .filter((one) => one.on <= span.to && (!personId || one.personId === personId))
    .sort((a, b) => a.on - b.on);
  const names = await namesOf(
    ctx.db,
    read.near.flatMap(({ first, second }) => [first.personId, second.personId]),
  );
  const spoken = (one: { personId: string; on: number }) => ({
    personId: one.personId,
    name: names.get(one.personId) ?? '',
    on: toPlainDate(one.on),
  });
  return {
    today: ctx.clock.today(),
    total: inOrder.length,
    greetings: await shown(ctx, sphere, read, inOrder.slice(0, SHOWN)),
    leftOutCount: leftOut.length,
    leftOut: await shownLeftOut(ctx, leftOut.slice(0, LEFT_OUT_SHOWN)),
    near: read.near
      .filter(({ first }) => first.on <= span.to)
      .map(({ householdId, first, second }) => ({
        householdId,
        first: spoken(first),
        second: spoken(second),
      })),
    totals: totalsOf(inOrder, kindSetups(sphere.settings.kinds)),
    rules: read.rules.size,
  };
}

export const peopleOf = ({ personId, others }: Greeting): string[] => [
  personId,
  ...others.map((one) => one.personId),
];

/** Greetings with what becomes of each. */
async function shown(
  ctx: Context,
  sphere: Sphere,
  read: GreetingsRead,
  some: readonly Greeting[],
): Promise<Shown[]> {
  const ids = [...new Set(some.flatMap(peopleOf))];
  const names = await namesOf(ctx.db, ids);
  const held = await hold(ctx, sphere.settings, { ...read, greetings: [...some] }, ids);
  const values = await readMergeValues(ctx, ctx.db, ids);
  const fates = new Map(
    (await queries.readMarks(ctx.db, ids)).map((row) => [`${row.person_id}:${row.part}`, row.fate]),
  );
  const messages = new Map(
    (
      await messagesByKey(
        ctx.db,
        some.map(({ key }) => key),
      )
    ).map((row) => [row.key, row]),
  );
  return some.map((greeting) => {
    const { key, personId, others, on, occasion } = greeting;
    const message = messages.get(key);
    const fate = fates.get(key.slice(key.indexOf(':') + 1)) ?? null;
    const state = stateOf(sphere, held, key, fate, message?.state);
    const said = wordsFor(held, key)?.words ?? '';
    const filled = fill(said, { ...values.get(personId)!, ...greetingValues(held, key) });
    const planned = sphere.byPerson.get(personId)?.find(({ item }) => item.key === key);
    const { mail } = held.plans.get(key)!;
    return {
      key,
      personId,
      name: names.get(personId) ?? '',
      withNames: others.map((one) => names.get(one.personId) ?? ''),
      occasion,
      what: dateWords(greeting),
      on: toPlainDate(on),
      kind: planned?.item.kind ?? sphere.options.swaps?.get(key) ?? greeting.kind,
      way: sphere.options.swaps?.has(key) ? 'hand' : greeting.way,
      state,
      by: mail ? toPlainDate(mail.writeBy) : null,
      planned: planned ? toPlainDate(planned.day) : null,
      sentence: sentenceOf(ctx, held, greeting, state, message?.why ?? ''),
      instead: [...greeting.instead],
      words: filled.ok ? filled.text : said,
      ownWords: held.own.has(key),
      messageId: message?.id ?? null,
    };
  });
}

/** What became of a greeting, by its mark and the message that it is. */
function stateOf(
  sphere: Sphere,
  held: GreetingsHeld,
  key: string,
  fate: string | null,
  message: string | undefined,
): State {
  if (fate !== null) return becameOf(fate, message);
  return isTooLateForPost(held.plans.get(key)!, sphere.options) ? 'late' : 'planned';
}

/** What became of a greeting that is settled. */
export function becameOf(fate: string, message: string | undefined): State {
  if (message === 'held' || message === 'failed') return 'held';
  if (message === 'ready' || message === 'handing') return 'out';
  if (fate === 'made' || message === 'gone') return 'made';
  return fate === 'skipped' || message === 'cancelled' ? 'dropped' : 'passed';
}

function sentenceOf(
  ctx: Context,
  held: GreetingsHeld,
  greeting: Greeting,
  state: State,
  why: string,
): string {
  if (state === 'held') return why;
  if (state === 'passed') return 'Its day went by.';
  if (state !== 'planned' && state !== 'late') return '';
  const kind = state === 'late' ? quickWay(greeting) : null;
  return wayReason(kind ?? greeting.kind, saidOf(held, greeting.key)!, ctx.clock.today());
}
