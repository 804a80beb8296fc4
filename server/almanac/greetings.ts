import type { CallOutput } from '@/contract/endpoint';
import type { listGreetings } from '@/contract/greetings';
import {
  dateWords,
  isTooLateForPost,
  peopleOf,
  planGreeting,
  totalsOf,
  wayReason,
  type Greeting,
} from '@/core/almanac';
import { need } from '@/core/need';
import { fill } from '@/core/templates';
import { toDayNumber, toPlainDate, type PlainDate } from '@/core/time';
import { kindSetups } from '@/core/touches';

import { invalid } from '../api';
import type { Context } from '../context';
import { sphereNow, type Sphere } from '../planner';
import { readMergeValues } from '../templates';
import { readFates, type Fate } from './fates';
import { greetingValues, greetingLookupOf, holding, homeIn, saidOf, wordsFor } from './lookup';
import { shownLeftOut } from './left-out';
import { greetingsIn, greetingTimes } from './read';

type Shown = CallOutput<typeof listGreetings>['greetings'][number];

const MOST_DAYS = 400;
/** Post is written at most so many days before its date. */
const POST_DAYS = 60;
const SHOWN = 300;

/** The greetings of some weeks, those that were given and dropped among them. */
export async function readGreetingsOf(
  ctx: Context,
  { from, to, personId }: { from: PlainDate; to: PlainDate; personId?: string | undefined },
): Promise<CallOutput<typeof listGreetings>> {
  const span = { from: toDayNumber(from), to: toDayNumber(to) };
  if (span.to < span.from || span.to - span.from > MOST_DAYS)
    throw invalid(`Ask for at most ${MOST_DAYS} days, the first of them first.`, 'to');
  const sphere = await sphereNow(ctx);
  const { settings } = sphere;
  const lookup = greetingLookupOf(sphere);
  const rules = [...lookup.rules.values()];
  const people = personId ? homeIn(lookup, [personId]) : [...lookup.people.values()];
  const read = greetingsIn({ settings, people, rules }, { ...span, to: span.to + POST_DAYS });
  const times = greetingTimes(ctx, settings);
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
  const spoken = (one: { personId: string; on: number }) => ({
    personId: one.personId,
    name: lookup.people.get(one.personId)?.name ?? '',
    on: toPlainDate(one.on),
  });
  return {
    today: ctx.clock.today(),
    total: inOrder.length,
    greetings: await shown(ctx, sphere, inOrder.slice(0, SHOWN)),
    leftOutCount: leftOut.length,
    leftOut: shownLeftOut(lookup, leftOut),
    near: read.near
      .filter(({ first }) => first.on <= span.to)
      .map(({ householdId, first, second }) => ({
        householdId,
        first: spoken(first),
        second: spoken(second),
      })),
    totals: totalsOf(inOrder, kindSetups(settings.kinds)),
    rules: rules.filter(({ active }) => active).length,
  };
}

/** Greetings with what becomes of each. */
async function shown(ctx: Context, sphere: Sphere, some: readonly Greeting[]): Promise<Shown[]> {
  const lookup = holding(ctx, sphere.settings, greetingLookupOf(sphere), some);
  const ids = some.map(({ personId }) => personId);
  const fates = await readFates(
    ctx,
    ids,
    some.map(({ key }) => key),
  );
  const values = await readMergeValues(ctx, ctx.db, [...new Set(ids)]);
  const { swaps } = sphere.options;
  return some.map((greeting) => {
    const { key, personId, on, occasion } = greeting;
    const { plan, withNames } = need(saidOf(lookup, key));
    const fate = fates.get(key);
    const late = isTooLateForPost(plan, sphere.options);
    const state = fate?.state ?? (late ? 'late' : 'planned');
    const said = wordsFor(lookup, key)?.words ?? '';
    const filled = fill(said, { ...need(values.get(personId)), ...greetingValues(lookup, key) });
    const planned = sphere.byPerson.get(personId)?.find(({ item }) => item.key === key);
    const kind = planned?.item.kind ?? swaps?.get(key) ?? greeting.kind;
    return {
      key,
      personId,
      name: lookup.people.get(personId)?.name ?? '',
      withNames: [...withNames],
      occasion,
      what: dateWords(greeting),
      on: toPlainDate(on),
      kind,
      way: swaps?.has(key) ? 'hand' : greeting.way,
      state,
      by: plan.mail ? toPlainDate(plan.mail.writeBy) : null,
      planned: planned ? toPlainDate(planned.day) : null,
      sentence: fate ? sentenceOf(fate) : wayReason(kind, { greeting, plan }, ctx.clock.today()),
      instead: [...greeting.instead],
      words: filled.ok ? filled.text : said,
      ownWords: lookup.own.has(key),
      messageId: fate?.message?.id ?? null,
    };
  });
}

const sentenceOf = ({ state, message }: Fate): string =>
  state === 'held' ? (message?.why ?? '') : state === 'passed' ? 'Its day went by.' : '';
