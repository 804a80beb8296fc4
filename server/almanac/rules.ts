import type { CallOutput } from '@/contract/endpoint';
import type * as api from '@/contract/greetings';
import {
  dateWords,
  FAMILY,
  BIRTHDAY,
  holidayOccasion,
  isAutoKind,
  isHoliday,
  occasionName,
  SERVICE,
  totalsOf,
  WEDDING,
  type Greeting,
  type LeftOut,
} from '@/core/almanac';
import { fill } from '@/core/templates';
import { plainDate, toDayNumber, toPlainDate, type PlainDate } from '@/core/time';
import { aKind, kindSetups } from '@/core/touches';

import { act } from '../act';
import { conflict, invalid, notFound } from '../api';
import type { Context } from '../context';
import { newId, type Sql } from '../db';
import { feasts } from '../holidays';
import { namesOf } from '../people';
import { readCircles, readSettings } from '../settings';
import { faultsOfWords, findTemplate, readMergeValues } from '../templates';
import { filterOf } from '../views';
import { greetingValues, hold, wordsFor } from './held';
import { readAlmanacPeople } from './people';
import * as queries from './queries';
import { readGreetings } from './read';

type Draft = api.RuleDraft;

const YEAR_DAYS = 365;
const LEFT_OUT_SHOWN = 100;
const FIRST_SHOWN = 5;

const rowOf = (id: string, draft: Draft, since: PlainDate) => ({
  id,
  occasion: draft.occasion,
  circles: [...draft.circles],
  view_id: draft.viewId,
  years: draft.years,
  kind: draft.kind,
  way: draft.way,
  lead_days: draft.leadDays,
  day_rule: draft.dayRule,
  words: draft.templateId ? '' : draft.words,
  template_id: draft.templateId,
  active: draft.active,
  since,
});

const nameOf = (occasion: string, holidays: ReadonlyMap<string, string>): string =>
  holidays.get(occasion) ?? occasionName(occasion);

/** Names of the holidays of the year to come, by their occasion. */
async function holidayNames(ctx: Context): Promise<Map<string, { name: string; next: PlainDate }>> {
  const today = toDayNumber(ctx.clock.today());
  const found = new Map<string, { name: string; next: PlainDate }>();
  for (const { name, on } of feasts(await readSettings(ctx.db), today, today + YEAR_DAYS))
    if (!found.has(holidayOccasion(name)))
      found.set(holidayOccasion(name), { name, next: toPlainDate(on) });
  return found;
}

const spanOfYear = (ctx: Context) => {
  const from = toDayNumber(ctx.clock.today());
  return { from, to: from + YEAR_DAYS - 1 };
};

export async function readRules(ctx: Context): Promise<CallOutput<typeof api.listRules>> {
  const settings = await readSettings(ctx.db);
  const rows = await queries.readRules(ctx.db);
  const { greetings } = await readGreetings(ctx, settings, null, spanOfYear(ctx));
  const byRule = new Map<string, Greeting[]>(rows.map(({ id }) => [id, []]));
  for (const greeting of greetings) byRule.get(greeting.rule.id)!.push(greeting);
  const setups = kindSetups(settings.kinds);
  const holidays = new Map([...(await holidayNames(ctx))].map(([key, { name }]) => [key, name]));
  return {
    today: ctx.clock.today(),
    year: totalsOf(greetings, setups),
    rules: rows.map((row) => ({
      id: row.id,
      version: row.version,
      name: nameOf(row.occasion, holidays),
      occasion: row.occasion,
      circles: row.circles,
      viewId: row.view_id,
      years: row.years,
      kind: row.kind,
      way: row.way,
      leadDays: row.lead_days,
      dayRule: row.day_rule as Draft['dayRule'],
      words: row.words,
      templateId: row.template_id,
      active: row.active,
      year: totalsOf(byRule.get(row.id)!, setups),
    })),
  };
}

/** What is on record everywhere is offered first, then what the owner named, then holidays. */
const ALWAYS = [BIRTHDAY, WEDDING, SERVICE, FAMILY];

export async function readOccasions(ctx: Context): Promise<CallOutput<typeof api.listOccasions>> {
  const people = await readAlmanacPeople(ctx, null, await readSettings(ctx.db), []);
  const counts = new Map<string, { name: string; people: number }>();
  for (const occasion of ALWAYS) counts.set(occasion, { name: occasionName(occasion), people: 0 });
  for (const { dates } of people)
    for (const occasion of new Set(dates.map((date) => date.occasion))) {
      const name = dates.find((date) => date.occasion === occasion)!.name;
      const known = counts.get(occasion);
      if (known) known.people += 1;
      else counts.set(occasion, { name, people: 1 });
    }
  return {
    occasions: [
      ...[...counts].map(([occasion, one]) => ({ occasion, ...one, next: null })),
      ...[...(await holidayNames(ctx))].map(([occasion, { name, next }]) => ({
        occasion,
        name,
        people: people.length,
        next,
      })),
    ],
  };
}

const isOccasion = (occasion: string): boolean =>
  ALWAYS.includes(occasion) || isHoliday(occasion) || /^named\..+/.test(occasion);

/** Refuses what can't be greeted by. */
async function assertRule(ctx: Context, draft: Draft): Promise<void> {
  const { occasion, kind, way, words, templateId, viewId, circles } = draft;
  if (!isOccasion(occasion)) throw invalid('There is no such occasion.', 'occasion');
  if (way === 'auto' && !isAutoKind(kind))
    throw invalid(
      `Only e-mails and texts go by themselves; ${aKind(kind)} needs your hand.`,
      'way',
    );
  const sql = ctx.db;
  if (viewId && !(await filterOf(ctx, sql, viewId)))
    throw notFound('This view is not there any more.');
  const there = new Set((await readCircles(sql)).map(({ id }) => id));
  if (circles.some((id) => !there.has(id))) throw notFound('This circle is not there any more.');
  if (templateId) {
    const template = await findTemplate(sql, templateId);
    if (!template) throw notFound('This template is not there any more.');
    if (template.kind !== kind)
      throw invalid(`The template is for another kind than ${aKind(kind)}.`, 'templateId');
    return;
  }
  if (way === 'auto' && words.trim() === '')
    throw invalid('What goes by itself needs words.', 'words');
  const [fault] = await faultsOfWords(ctx, [words]);
  if (fault) throw invalid(fault, 'words');
}

const EFFECTS = { plan: 'everybody' as const, topics: ['almanac', 'templates'] as const };

export async function addRule(ctx: Context, draft: Draft) {
  const id = newId();
  await assertRule(ctx, draft);
  const name = await spokenName(ctx, draft.occasion);
  return act(ctx, async (tx) => {
    await queries.insertRule(tx, rowOf(id, draft, ctx.clock.today()));
    return { id, sentence: `${name}: greeted by ${aKind(draft.kind)} from now on`, ...EFFECTS };
  });
}

const spokenName = async (ctx: Context, occasion: string): Promise<string> => {
  const holidays = new Map([...(await holidayNames(ctx))].map(([key, { name }]) => [key, name]));
  const name = nameOf(occasion, holidays);
  return name.charAt(0).toUpperCase() + name.slice(1);
};

export async function saveRule(
  ctx: Context,
  id: string,
  { version, ...draft }: Draft & { version: number },
) {
  await assertRule(ctx, draft);
  const name = await spokenName(ctx, draft.occasion);
  return act(ctx, async (tx) => {
    const before = await findOrRefuse(tx, id);
    // What was switched on, or is of another day now, begins today.
    const begins = (draft.active && !before.active) || draft.occasion !== before.occasion;
    const since = begins ? ctx.clock.today() : plainDate(before.since);
    if (!(await queries.updateRule(tx, rowOf(id, draft, since), version)))
      throw conflict('This rule was changed meanwhile, perhaps in another window.');
    return { sentence: `Changed how people are greeted: ${name}`, ...EFFECTS };
  });
}

async function findOrRefuse(sql: Sql, id: string): Promise<queries.RuleRow> {
  const rule = await queries.findRule(sql, id);
  if (!rule) throw notFound('This rule is not there any more.');
  return rule;
}

export async function removeRule(ctx: Context, id: string) {
  return act(ctx, async (tx) => {
    const { occasion } = await findOrRefuse(tx, id);
    await queries.removeRule(tx, id);
    return { sentence: `No rule any more: ${occasionName(occasion)}`, ...EFFECTS };
  });
}

export async function orderRules(ctx: Context, ids: readonly string[]) {
  return act(ctx, async (tx) => {
    await queries.orderRules(tx, ids);
    return { sentence: 'Put the rules of greetings into another order', ...EFFECTS };
  });
}

/** What a rule would bring beside the others: those before it go first. */
export async function tryRule(
  ctx: Context,
  { id, ...draft }: Draft & { id: string | null },
): Promise<CallOutput<typeof api.tryRule>> {
  if (!isOccasion(draft.occasion)) throw invalid('There is no such occasion.', 'occasion');
  const settings = await readSettings(ctx.db);
  const today = ctx.clock.today();
  const mine = id ?? newId();
  const tried = { ...rowOf(mine, { ...draft, active: true }, today), version: 0 };
  const rows = await queries.readRules(ctx.db);
  const book = rows.some((row) => row.id === mine)
    ? rows.map((row) => (row.id === mine ? tried : row))
    : [...rows, tried];
  const read = await readGreetings(ctx, settings, null, spanOfYear(ctx), book);
  const greetings = read.greetings.filter(({ rule }) => rule.id === mine);
  const leftOut = read.leftOut.filter(({ occasion }) => occasion === draft.occasion);
  const inOrder = [...greetings].sort((a, b) => a.on - b.on);
  const first = inOrder.slice(0, FIRST_SHOWN);
  const held = await hold(ctx, settings, { ...read, greetings: first }, null);
  const ids = [...new Set(first.map(({ personId }) => personId))];
  const values = await readMergeValues(ctx, ctx.db, ids);
  const names = await namesOf(ctx.db, ids);
  const words = (one: Greeting): string => {
    const said = wordsFor(held, one.key)?.words ?? '';
    const filled = fill(said, { ...values.get(one.personId)!, ...greetingValues(held, one.key) });
    return filled.ok ? filled.text : said;
  };
  return {
    year: totalsOf(greetings, kindSetups(settings.kinds)),
    today: greetings.filter(({ on }) => on === toDayNumber(today)).length,
    leftOutCount: leftOut.length,
    leftOut: await shownLeftOut(ctx, leftOut.slice(0, LEFT_OUT_SHOWN)),
    first: first.map((one) => ({
      personId: one.personId,
      name: names.get(one.personId) ?? '',
      on: toPlainDate(one.on),
      what: dateWords(one),
      words: words(one),
    })),
    faults: draft.templateId ? [] : await faultsOfWords(ctx, [draft.words]),
  };
}

/** Who is left out, each with the reason. */
export async function shownLeftOut(ctx: Context, leftOut: readonly LeftOut[]) {
  const names = await namesOf(ctx.db, [...new Set(leftOut.map(({ personId }) => personId))]);
  return leftOut.map((one) => ({
    key: one.key,
    personId: one.personId,
    name: names.get(one.personId) ?? '',
    on: toPlainDate(one.on),
    what: dateWords({ ...one, count: null }),
    occasion: one.occasion,
    why: one.why,
    sentence: one.sentence,
  }));
}
