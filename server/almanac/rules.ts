import type { CallOutput } from '@/contract/endpoint';
import type * as api from '@/contract/greetings';
import {
  FAMILY,
  BIRTHDAY,
  isAutoKind,
  isHoliday,
  occasionName,
  SERVICE,
  totalsOf,
  WEDDING,
} from '@/core/almanac';
import { need } from '@/core/need';
import { plainDate, sentenceCase, toDayNumber, toPlainDate, type PlainDate } from '@/core/time';
import { aKind, kindSetups } from '@/core/touches';

import { act } from '../act';
import { conflict, invalid, notFound } from '../api';
import type { Context } from '../context';
import { newId, type Sql } from '../db';
import { groupBy, sphereNow } from '../planner';
import { readCircles, readSettings } from '../settings';
import { faultsOfWords, findTemplate } from '../templates';
import { filterOf } from '../views';
import { greetingLookupOf } from './lookup';
import * as queries from './queries';
import { feastsIn, type Span } from './read';

type Draft = api.RuleDraft;

const YEAR_DAYS = 365;

/** A rule as it is kept. */
export const rowOf = (id: string, draft: Draft, since: PlainDate) => ({
  id,
  occasion: draft.occasion,
  circles: [...draft.circles],
  view_id: draft.viewId,
  years: draft.years,
  kind: draft.kind,
  way: draft.way,
  lead_days: draft.leadDays,
  day_rule: draft.dayRule,
  subject: draft.templateId || draft.kind !== 'email' ? '' : draft.subject,
  words: draft.templateId ? '' : draft.words,
  template_id: draft.templateId,
  active: draft.active,
  since,
});

/** Names of the holidays of the year to come, by their occasion. */
async function holidayNames(ctx: Context): Promise<Map<string, { name: string; next: PlainDate }>> {
  const found = new Map<string, { name: string; next: PlainDate }>();
  for (const { occasion, name, on } of feastsIn(await readSettings(ctx.db), yearAhead(ctx)))
    if (!found.has(occasion)) found.set(occasion, { name, next: toPlainDate(on) });
  return found;
}

/** A rule and its year are told for so long. */
export function yearAhead(ctx: Context): Span {
  const from = toDayNumber(ctx.clock.today());
  return { from, to: from + YEAR_DAYS - 1 };
}

export async function readRules(ctx: Context): Promise<CallOutput<typeof api.listRules>> {
  const sphere = await sphereNow(ctx);
  const lookup = greetingLookupOf(sphere);
  const { from, to } = yearAhead(ctx);
  const greetings = [...lookup.greetings.values()].filter(({ on }) => on >= from && on <= to);
  const byRule = groupBy(greetings, ({ rule }) => rule.id);
  const setups = kindSetups(sphere.settings.kinds);
  const holidays = await holidayNames(ctx);
  return {
    today: ctx.clock.today(),
    year: totalsOf(greetings, setups),
    rules: [...lookup.rules.values()].map((row) => ({
      id: row.id,
      version: row.version,
      name: holidays.get(row.occasion)?.name ?? occasionName(row.occasion),
      occasion: row.occasion,
      circles: row.circles,
      viewId: row.view_id,
      years: row.years,
      kind: row.kind,
      way: row.way,
      leadDays: row.lead_days,
      dayRule: row.day_rule as Draft['dayRule'],
      subject: row.subject,
      words: row.words,
      templateId: row.template_id,
      active: row.active,
      year: totalsOf(byRule.get(row.id) ?? [], setups),
    })),
  };
}

/** What is on record everywhere is offered first, then what the owner named, then holidays. */
const ALWAYS = [BIRTHDAY, WEDDING, SERVICE, FAMILY];

export async function readOccasions(ctx: Context): Promise<CallOutput<typeof api.listOccasions>> {
  const { people } = greetingLookupOf(await sphereNow(ctx));
  const counts = new Map<string, { name: string; people: number }>();
  for (const occasion of ALWAYS) counts.set(occasion, { name: occasionName(occasion), people: 0 });
  for (const { dates } of people.values())
    for (const occasion of new Set(dates.map((date) => date.occasion))) {
      const name = need(dates.find((date) => date.occasion === occasion)).name;
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
        people: people.size,
        next,
      })),
    ],
  };
}

/** Whether people can be greeted on it. */
const isOccasion = (occasion: string): boolean =>
  ALWAYS.includes(occasion) || isHoliday(occasion) || /^named\..+/.test(occasion);

/** Refuses a rule of something that is not there. */
export async function assertGround(ctx: Context, draft: Draft): Promise<void> {
  const { occasion, kind, templateId, viewId, circles } = draft;
  const sql = ctx.db;
  if (!isOccasion(occasion)) throw invalid('There is no such occasion.', 'occasion');
  if (viewId && !(await filterOf(ctx, sql, viewId)))
    throw notFound('This view is not there any more.');
  const there = new Set((await readCircles(sql)).map(({ id }) => id));
  if (circles.some((id) => !there.has(id))) throw notFound('This circle is not there any more.');
  if (!templateId) return;
  const template = await findTemplate(sql, templateId);
  if (!template) throw notFound('This template is not there any more.');
  if (template.kind !== kind)
    throw invalid(`The template is for another kind than ${aKind(kind)}.`, 'templateId');
}

/** Refuses what can't be greeted by. */
async function assertRule(ctx: Context, draft: Draft): Promise<void> {
  const { kind, way, words, templateId } = draft;
  await assertGround(ctx, draft);
  if (way === 'auto' && !isAutoKind(kind))
    throw invalid(
      `Only e-mails and texts go by themselves; ${aKind(kind)} needs your hand.`,
      'way',
    );
  if (templateId) return;
  if (way === 'auto' && words.trim() === '')
    throw invalid('What goes by itself needs words.', 'words');
  const [fault] = await faultsOfWords(ctx, [draft.subject, words]);
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

const spokenName = async (ctx: Context, occasion: string): Promise<string> =>
  sentenceCase((await holidayNames(ctx)).get(occasion)?.name ?? occasionName(occasion));

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
