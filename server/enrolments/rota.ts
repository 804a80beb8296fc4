import type { CallOutput } from '@/contract/endpoint';
import type { getRota, listRotas, RotaDraft, tryRota } from '@/contract/rota';
import { isCalendar, roundLength, type Cadence } from '@/core/cadences';
import { need } from '@/core/need';
import {
  balance,
  countGroups,
  groupName,
  groupOf,
  letterGroups,
  nearestMonday,
  nextMonday,
  regroup,
  rotaWeek,
  splitOffers,
  weekTotals,
  type RotaClock,
} from '@/core/rota';
import {
  plainDate,
  plural,
  toDayNumber,
  toPlainDate,
  weekStart,
  type DayNumber,
} from '@/core/time';

import { act, actOnMany, FEW } from '../act';
import { findOrRefuseCadence } from '../cadences';
import type { Context, Plans } from '../context';
import { newId, type Sql } from '../db';
import { conflict, invalid, notFound } from '../api';
import { asking, assertRules, exactIdsOf } from '../people';
import * as queries from './queries';
import * as rotas from './rota-queries';

/** The group of other scripts and digits stands outside the letters of a week. */
const EXTRAS = 1;
const GONE = 'No longer among those whom the rota calls';

const clockOf = ({
  first_monday,
  weeks,
}: Pick<rotas.RotaRow, 'first_monday' | 'weeks'>): RotaClock => ({
  firstMonday: toDayNumber(plainDate(first_monday)),
  weeks,
});

/** The people that a rota calls, by the name that counts: those it is for, and whom the owner put on it. */
async function namesOf(
  ctx: Context,
  sql: Sql,
  { cadence_id, who, name_part }: Pick<rotas.RotaRow, 'cadence_id' | 'who' | 'name_part'>,
  /** Only these of them. */
  among: readonly string[] | null = null,
) {
  const ids = new Set(await exactIdsOf(sql, who, asking(ctx), among));
  for (const id of await rotas.putOn(sql, cadence_id, among)) ids.add(id);
  return (await rotas.rotaNames(sql, [...ids])).map((row) => ({
    id: row.id,
    name: row[name_part],
    whole: row.name,
  }));
}

const toRow = (id: string, cadenceId: string, d: RotaDraft): Omit<rotas.RotaRow, 'assigned'> => ({
  id,
  cadence_id: cadenceId,
  name_part: d.namePart,
  particles: d.particles,
  weeks: d.weeks,
  letters_a_week: d.lettersAWeek,
  first_monday: toPlainDate(weekStart(toDayNumber(d.firstDay))),
  cuts: d.cuts,
  who: d.who,
});

const toDraft = (row: rotas.RotaRow): RotaDraft => ({
  namePart: row.name_part,
  particles: row.particles,
  weeks: row.weeks,
  lettersAWeek: row.letters_a_week,
  firstDay: plainDate(row.first_monday),
  cuts: row.cuts,
  who: row.who,
});

/** A rota for names, its weeks as even as they can be. */
function assigned(
  row: Omit<rotas.RotaRow, 'assigned'>,
  names: readonly { name: string }[],
): rotas.RotaRow {
  const groups = letterGroups(row.cuts);
  const counts = countGroups(
    names.map(({ name }) => name),
    groups,
    row.particles,
  );
  return { ...row, assigned: balance(counts, row.weeks, row.letters_a_week, EXTRAS) };
}

/** Somebody by the name that counts, and by their whole name. */
type Named = Awaited<ReturnType<typeof namesOf>>[number];

/** So many of each week are named. */
const NAMED = 60;

/** Who is called in each week, by name. */
function whoInWeeks(
  row: rotas.RotaRow,
  groups: ReturnType<typeof letterGroups>,
  people: readonly Named[],
) {
  const weeks: { id: string; name: string }[][] = Array.from({ length: row.weeks }, () => []);
  const inOrder = people.toSorted((a, b) => a.name.localeCompare(b.name) || (a.id < b.id ? -1 : 1));
  for (const { id, name, whole } of inOrder) {
    const week = weeks[row.assigned[groupOf(name, groups, row.particles)] ?? -1];
    if (week && week.length < NAMED) week.push({ id, name: whole });
  }
  return weeks;
}

/** The weeks of a rota, beginning with the present one. */
function weeksOf(ctx: Context, row: rotas.RotaRow, people: readonly Named[]) {
  const names = people.map(({ name }) => name);
  const groups = letterGroups(row.cuts);
  const counts = countGroups(names, groups, row.particles);
  const today = toDayNumber(ctx.clock.today());
  const clock = clockOf(row);
  const present = today < clock.firstMonday ? -1 : rotaWeek(clock, today);
  const whoIn = whoInWeeks(row, groups, people);
  const totals = weekTotals(row.assigned, counts, row.weeks);
  const from = Math.max(today, clock.firstMonday);
  return {
    weeks: Array.from({ length: row.weeks }, (_, n) => {
      const week = (Math.max(0, present) + n) % row.weeks;
      return {
        monday: toPlainDate(nextMonday(clock, week, from)),
        groups: groups.flatMap((group, g) =>
          row.assigned[g] === week ? [{ name: groupName(group), people: need(counts[g]) }] : [],
        ),
        people: need(totals[week]),
        who: whoIn[week] ?? [],
        now: week === present,
      };
    }),
    people: names.length,
    splits: splitOffers(names, row.weeks, row.particles).filter(({ letter }) => !row.cuts[letter]),
    counts,
  };
}

const STANDARD = {
  namePart: 'family',
  particles: 'first',
  weeks: 13,
  lettersAWeek: 2,
  cuts: {},
  who: {},
} as const;

export async function read(ctx: Context, cadenceId: string): Promise<CallOutput<typeof getRota>> {
  await findOrRefuseCadence(ctx, cadenceId);
  const saved = await rotas.findRota(ctx.db, cadenceId);
  const fresh = toRow('', cadenceId, { ...STANDARD, firstDay: ctx.clock.today() });
  const names = await namesOf(ctx, ctx.db, saved ?? fresh);
  const row = saved ?? assigned(fresh, names);
  const { counts, ...weeks } = weeksOf(ctx, row, names);
  const even = saved && regroup(row.assigned, counts, row.weeks);
  return {
    ...weeks,
    saved: saved !== null,
    draft: toDraft(row),
    regrouped: even && {
      people: even.peopleMoved,
      largest: Math.max(...weekTotals(even.weeks, counts, row.weeks)),
    },
  };
}

function assertFits(cadence: Cadence, draft: RotaDraft): void {
  if (isCalendar(cadence))
    throw invalid(
      'A rota counts in weeks: its cadence can’t have days of the calendar.',
      'cadence',
    );
  if (cadence.beats.length === 0)
    throw invalid('The cadence needs at least one beat for the week of each letter.', 'cadence');
  if (roundLength(cadence.beats) >= draft.weeks * 7)
    throw invalid(
      `The beats take ${roundLength(cadence.beats) + 1} days, longer than the ${draft.weeks} weeks of the rota.`,
      'weeks',
    );
  if (26 / draft.lettersAWeek > draft.weeks)
    throw invalid(
      `${draft.weeks} weeks of ${plural(draft.lettersAWeek, 'letter')} hold ${draft.weeks * draft.lettersAWeek} of the 26 letters. Give it more weeks, or more letters a week.`,
      'lettersAWeek',
    );
}

export async function tryOut(
  ctx: Context,
  cadenceId: string,
  draft: RotaDraft,
): Promise<CallOutput<typeof tryRota>> {
  assertFits(await findOrRefuseCadence(ctx, cadenceId), draft);
  await assertRules(ctx, ctx.db, { filter: draft.who });
  const row = toRow('', cadenceId, draft);
  const names = await namesOf(ctx, ctx.db, row);
  const { counts: _, ...weeks } = weeksOf(ctx, assigned(row, names), names);
  return weeks;
}

export async function save(ctx: Context, cadenceId: string, draft: RotaDraft) {
  const cadence = await findOrRefuseCadence(ctx, cadenceId);
  assertFits(cadence, draft);
  await assertRules(ctx, ctx.db, { filter: draft.who });
  const before = await rotas.findRota(ctx.db, cadenceId);
  const row = toRow(before?.id ?? newId(ctx.clock.nowMs()), cadenceId, draft);
  const rota = assigned(row, await namesOf(ctx, ctx.db, row));
  const settling = await settlingOf(ctx, ctx.db, rota);
  const joined = settling.fresh.length;
  return writeAndSettle(ctx, rota, settling, {
    period: draft.weeks * 7 - roundLength(cadence.beats),
    sentence: `${cadence.name} calls by initials${joined > 0 ? `, ${plural(joined, 'person', 'people')} taken in` : ''}`,
  });
}

/** Writes a rota, and makes the enrolments what it says. */
const writeAndSettle = (
  ctx: Context,
  rota: rotas.RotaRow,
  settling: Settling,
  { period, sentence }: { period?: number; sentence: string },
) => {
  const changes = changesOf(settling);
  // The first part writes the rota as well, also where nobody's week changes.
  const parts = [null, ...changes];
  return actOnMany(
    ctx,
    'Settling the letter rota',
    parts,
    async (tx, some) => {
      if (some[0] === null) {
        await rotas.writeRota(tx, rota);
        if (period !== undefined) await rotas.setPeriod(tx, rota.cadence_id, period);
      }
      await settle(
        ctx,
        tx,
        some.filter((one) => one !== null),
      );
    },
    () => ({
      sentence,
      plan: 'everybody',
      topics: ['cadences', 'enrolments'],
    }),
  );
};

export async function evenOut(ctx: Context, cadenceId: string) {
  const rota = await rotas.findRota(ctx.db, cadenceId);
  if (!rota) throw notFound('This cadence has no rota.');
  const { counts } = weeksOf(ctx, rota, await namesOf(ctx, ctx.db, rota));
  const even = regroup(rota.assigned, counts, rota.weeks);
  if (even.peopleMoved === 0) throw conflict('The weeks are as even as they can be made.');
  const next = { ...rota, assigned: even.weeks };
  return writeAndSettle(ctx, next, await settlingOf(ctx, ctx.db, next), {
    sentence: `Evened out the rota, ${plural(even.peopleMoved, 'person', 'people')} moved`,
  });
}

export async function end(ctx: Context, cadenceId: string) {
  const { name } = await findOrRefuseCadence(ctx, cadenceId);
  return act(ctx, async (tx) => {
    const open = (await rotas.onRota(tx, cadenceId)).filter((e) => e.open).map(({ id }) => id);
    await rotas.deleteRota(tx, cadenceId);
    await queries.stopEnrolments(tx, open, ctx.clock.today(), 'The rota was ended');
    return {
      sentence: `Ended the letter rota ${name}`,
      plan: 'everybody',
      topics: ['cadences', 'enrolments'],
    };
  });
}

/** What has to change so that the enrolments are what the rota says. */
interface Settling {
  fresh: queries.NewEnrolment[];
  gone: { id: string; personId: string }[];
  moves: { id: string; days: number; personId: string }[];
}

/**
 * Who is new joins in the week of their letter, who is no longer among them goes, and who is in
 * another group moves by as little as that takes. Whom the owner took off stays off. Of what is
 * settled already, nothing is left to do.
 */
async function settlingOf(
  ctx: Context,
  sql: Sql,
  rota: rotas.RotaRow,
  among: readonly string[] | null = null,
): Promise<Settling> {
  const today = toDayNumber(ctx.clock.today());
  const clock = clockOf(rota);
  const names = await namesOf(ctx, sql, rota, among);
  const weekOf = weekOfNames(rota);
  const all = await rotas.onRota(sql, rota.cadence_id, among);
  const known = new Map(all.toReversed().map((e) => [e.person_id, e]));
  const called = new Set(names.map(({ id }) => id));
  const isFresh = (id: string) => {
    const e = known.get(id);
    return !e || (!e.open && e.stop_reason === GONE);
  };
  return {
    gone: all
      // Who was archived or deleted keeps their place: when they come back, they are called as before.
      .filter((e) => e.open && !e.away && !called.has(e.person_id))
      .map(({ id, person_id }) => ({ id, personId: person_id })),
    fresh: names
      .filter(({ id }) => isFresh(id))
      .map(({ id, name }) => ({
        id: newId(),
        person_id: id,
        cadence_id: rota.cadence_id,
        origin: 'rota',
        start_on: toPlainDate(nextMonday(clock, weekOf(name), Math.max(today, clock.firstMonday))),
      })),
    moves: names.flatMap(({ id, name }) => {
      const e = known.get(id);
      if (!e?.open) return [];
      const days = moveOf(clock, weekOf(name), toDayNumber(plainDate(e.anchor_on)), today);
      return days === 0 ? [] : [{ id: e.id, days, personId: id }];
    }),
  };
}

/** The changes one by one, so that many of them can be made in parts. */
const changesOf = ({ gone, fresh, moves }: Settling) => [
  ...gone.map((one) => ({ personId: one.personId, gone: one })),
  ...fresh.map((one) => ({ personId: one.person_id, fresh: one })),
  ...moves.map((one) => ({ personId: one.personId, move: one })),
];
type Change = { personId: string } & { [K in 'gone']?: Settling['gone'][number] } & {
  [K in 'fresh']?: Settling['fresh'][number];
} & { [K in 'move']?: Settling['moves'][number] };

async function settle(ctx: Context, tx: Sql, changes: readonly Change[]): Promise<void> {
  const of = <K extends 'gone' | 'fresh' | 'move'>(key: K) =>
    changes.flatMap((change) => (change[key] ? [change[key]] : []));
  const [gone, fresh, moves] = [of('gone'), of('fresh'), of('move')];
  if (gone.length > 0)
    await queries.stopEnrolments(
      tx,
      gone.map(({ id }) => id),
      ctx.clock.today(),
      GONE,
    );
  if (fresh.length > 0) await queries.insertEnrolments(tx, fresh);
  if (moves.length > 0) await rotas.moveAnchors(tx, moves);
}

/**
 * By how many days the rounds of somebody move into another week: by as little as it takes, and not
 * while that would put a call that is still to come into the past.
 */
function moveOf(clock: RotaClock, week: number, anchor: DayNumber, today: DayNumber): number {
  const period = clock.weeks * 7;
  const rounds = Math.max(0, Math.ceil((weekStart(today) - anchor) / period));
  const next = anchor + rounds * period;
  const wanted = nearestMonday(clock, week, next);
  return wanted < weekStart(today) ? 0 : wanted - next;
}

/** The week in which a name is called. */
function weekOfNames(rota: rotas.RotaRow): (name: string) => number {
  const groups = letterGroups(rota.cuts);
  return (name) => need(rota.assigned[groupOf(name, groups, rota.particles)]);
}

/** The Monday on which each of these people is next called by their letter. */
export async function letterWeeks(
  ctx: Context,
  cadenceId: string,
  people: readonly { id: string }[],
): Promise<Map<string, DayNumber>> {
  const rota = need(await rotas.findRota(ctx.db, cadenceId));
  const clock = clockOf(rota);
  const weekOf = weekOfNames(rota);
  const from = Math.max(toDayNumber(ctx.clock.today()), clock.firstMonday);
  const rows = await rotas.rotaNames(
    ctx.db,
    people.map(({ id }) => id),
  );
  return new Map(rows.map((row) => [row.id, nextMonday(clock, weekOf(row[rota.name_part]), from)]));
}

/**
 * Takes people into the rotas, moves and ends them: everybody, or those whom a write was about. The
 * calendar's doing, not the owner's: it is not undone.
 */
export async function settleRotas(ctx: Context, people: Plans): Promise<void> {
  if (people === 'nobody') return;
  const among = people === 'everybody' ? null : people;
  for (const rota of await rotas.readRotas(ctx.db)) {
    const changes = changesOf(await settlingOf(ctx, ctx.db, rota, among));
    for (let from = 0; from < changes.length; from += FEW) {
      const some = changes.slice(from, from + FEW);
      await ctx.db.transaction((tx) => settle(ctx, tx, some));
      ctx.writes.markStale(some.map(({ personId }) => personId));
      await new Promise(setImmediate);
    }
  }
}

/** This week's letters of each rota. */
export async function present(ctx: Context): Promise<CallOutput<typeof listRotas>> {
  const today = toDayNumber(ctx.clock.today());
  const present: CallOutput<typeof listRotas>['rotas'] = [];
  for (const rota of await rotas.readRotas(ctx.db)) {
    const clock = clockOf(rota);
    if (today < clock.firstMonday) continue;
    const week = rotaWeek(clock, today);
    const groups = letterGroups(rota.cuts);
    const weekOf = weekOfNames(rota);
    const people = (await namesOf(ctx, ctx.db, rota)).filter(({ name }) => weekOf(name) === week);
    const ids = people.map(({ id }) => id);
    present.push({
      cadenceId: rota.cadence_id,
      name: rota.name,
      week: week + 1,
      weeks: rota.weeks,
      letters: groups.flatMap((group, g) => (rota.assigned[g] === week ? [groupName(group)] : [])),
      people: people.length,
      reached: await rotas.reachedSince(ctx.db, ids, toPlainDate(weekStart(today))),
    });
  }
  return { rotas: present };
}
