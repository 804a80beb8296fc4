import type { CallOutput } from '@/contract/endpoint';
import type { getRota, listRotas, RotaDraft, tryRota } from '@/contract/rota';
import { isCalendar, roundLength, type Cadence } from '@/core/cadences';
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

import { act, noteWrite, type Context } from '../context';
import { newId, type Sql } from '../db';
import { conflict, invalid, notFound } from '../http/errors';
import { idsOf } from '../people';
import { find } from './actions';
import * as eq from './enrolment-queries';
import * as rq from './rota-queries';

/** The group of other scripts and digits stands outside the letters of a week. */
const EXTRAS = 1;
const GONE = 'No longer among those whom the rota calls';

const clockOf = ({
  first_monday,
  weeks,
}: Pick<rq.RotaRow, 'first_monday' | 'weeks'>): RotaClock => ({
  firstMonday: toDayNumber(plainDate(first_monday)),
  weeks,
});

/** The people that a rota calls, by the name that counts: those it is for, and whom the owner put on it. */
async function namesOf(
  ctx: Context,
  sql: Sql,
  { cadence_id, who, name_part }: Pick<rq.RotaRow, 'cadence_id' | 'who' | 'name_part'>,
) {
  const ids = new Set(await idsOf(sql, { filter: who }, ctx.clock.today()));
  for (const id of await rq.putOn(sql, cadence_id)) ids.add(id);
  return (await rq.rotaNames(sql, [...ids])).map((row) => ({ id: row.id, name: row[name_part] }));
}

const toRow = (id: string, cadenceId: string, d: RotaDraft): Omit<rq.RotaRow, 'assigned'> => ({
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

const toDraft = (row: rq.RotaRow): RotaDraft => ({
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
  row: Omit<rq.RotaRow, 'assigned'>,
  names: readonly { name: string }[],
): rq.RotaRow {
  const groups = letterGroups(row.cuts);
  const counts = countGroups(
    names.map(({ name }) => name),
    groups,
    row.particles,
  );
  return { ...row, assigned: balance(counts, row.weeks, row.letters_a_week, EXTRAS) };
}

/** The weeks of a rota, beginning with the present one. */
function weeksOf(ctx: Context, row: rq.RotaRow, people: readonly { name: string }[]) {
  const names = people.map(({ name }) => name);
  const groups = letterGroups(row.cuts);
  const counts = countGroups(names, groups, row.particles);
  const today = toDayNumber(ctx.clock.today());
  const clock = clockOf(row);
  const present = today < clock.firstMonday ? -1 : rotaWeek(clock, today);
  const totals = weekTotals(row.assigned, counts, row.weeks);
  const from = Math.max(today, clock.firstMonday);
  return {
    weeks: Array.from({ length: row.weeks }, (_, n) => {
      const week = (Math.max(0, present) + n) % row.weeks;
      return {
        monday: toPlainDate(nextMonday(clock, week, from)),
        groups: groups.flatMap((group, g) =>
          row.assigned[g] === week ? [{ name: groupName(group), people: counts[g]! }] : [],
        ),
        people: totals[week]!,
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
  await find(ctx, cadenceId);
  const saved = await rq.findRota(ctx.db, cadenceId);
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
  assertFits(await find(ctx, cadenceId), draft);
  const row = toRow('', cadenceId, draft);
  const names = await namesOf(ctx, ctx.db, row);
  const { counts: _, ...weeks } = weeksOf(ctx, assigned(row, names), names);
  return weeks;
}

export async function save(ctx: Context, cadenceId: string, draft: RotaDraft) {
  const cadence = await find(ctx, cadenceId);
  assertFits(cadence, draft);
  return act(ctx, async (tx) => {
    const before = await rq.findRota(tx, cadenceId);
    const row = toRow(before?.id ?? newId(ctx.clock.nowMs()), cadenceId, draft);
    const rota = assigned(row, await namesOf(ctx, tx, row));
    await rq.writeRota(tx, rota);
    await rq.setPeriod(tx, cadenceId, draft.weeks * 7 - roundLength(cadence.beats));
    const { joined } = await settle(ctx, tx, rota);
    return {
      sentence: `${cadence.name} calls by initials${joined > 0 ? `, ${plural(joined, 'person', 'people')} taken in` : ''}`,
    };
  });
}

export async function evenOut(ctx: Context, cadenceId: string) {
  const rota = await rq.findRota(ctx.db, cadenceId);
  if (!rota) throw notFound('This cadence has no rota.');
  const { counts } = weeksOf(ctx, rota, await namesOf(ctx, ctx.db, rota));
  const even = regroup(rota.assigned, counts, rota.weeks);
  if (even.peopleMoved === 0) throw conflict('The weeks are as even as they can be made.');
  return act(ctx, async (tx) => {
    const next = { ...rota, assigned: even.weeks };
    await rq.writeRota(tx, next);
    await settle(ctx, tx, next);
    return {
      sentence: `Evened out the rota, ${plural(even.peopleMoved, 'person', 'people')} moved`,
    };
  });
}

export async function end(ctx: Context, cadenceId: string) {
  const { name } = await find(ctx, cadenceId);
  return act(ctx, async (tx) => {
    const open = (await rq.onRota(tx, cadenceId)).filter((e) => e.open).map(({ id }) => id);
    await rq.deleteRota(tx, cadenceId);
    await eq.stopEnrolments(tx, open, ctx.clock.today(), 'The rota was ended');
    return { sentence: `Ended the letter rota ${name}` };
  });
}

/**
 * Makes the enrolments what the rota says: who is new joins in the week of their letter, who is no
 * longer among them goes, and who is in another group moves by as little as that takes. Whom the
 * owner took off stays off. Run again, it changes nothing.
 */
async function settle(
  ctx: Context,
  tx: Sql,
  rota: rq.RotaRow,
): Promise<{ joined: number; changed: boolean }> {
  const today = toDayNumber(ctx.clock.today());
  const clock = clockOf(rota);
  const names = await namesOf(ctx, tx, rota);
  const weekOf = weekOfNames(rota);
  const all = await rq.onRota(tx, rota.cadence_id);
  const known = new Map(all.toReversed().map((e) => [e.person_id, e]));
  const called = new Set(names.map(({ id }) => id));
  const gone = all.filter((e) => e.open && !called.has(e.person_id));
  const fresh = names.filter(({ id }) => {
    const e = known.get(id);
    return !e || (!e.open && e.stop_reason === GONE);
  });
  const moves = names.flatMap(({ id, name }) => {
    const e = known.get(id);
    if (!e?.open) return [];
    const days = moveOf(clock, weekOf(name), toDayNumber(plainDate(e.anchor_on)), today);
    return days === 0 ? [] : [{ id: e.id, days }];
  });
  if (gone.length > 0)
    await eq.stopEnrolments(
      tx,
      gone.map(({ id }) => id),
      ctx.clock.today(),
      GONE,
    );
  if (fresh.length > 0)
    await eq.insertEnrolments(
      tx,
      fresh.map(({ id, name }) => ({
        id: newId(),
        person_id: id,
        cadence_id: rota.cadence_id,
        origin: 'rota' as const,
        start_on: toPlainDate(nextMonday(clock, weekOf(name), Math.max(today, clock.firstMonday))),
      })),
    );
  if (moves.length > 0) await rq.moveAnchors(tx, moves);
  return { joined: fresh.length, changed: gone.length + fresh.length + moves.length > 0 };
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
function weekOfNames(rota: rq.RotaRow): (name: string) => number {
  const groups = letterGroups(rota.cuts);
  return (name) => rota.assigned[groupOf(name, groups, rota.particles)]!;
}

/** The Monday on which each of these people is next called by their letter. */
export async function letterWeeks(
  ctx: Context,
  cadenceId: string,
  people: readonly { id: string }[],
): Promise<Map<string, DayNumber>> {
  const rota = (await rq.findRota(ctx.db, cadenceId))!;
  const clock = clockOf(rota);
  const weekOf = weekOfNames(rota);
  const from = Math.max(toDayNumber(ctx.clock.today()), clock.firstMonday);
  const rows = await rq.rotaNames(
    ctx.db,
    people.map(({ id }) => id),
  );
  return new Map(rows.map((row) => [row.id, nextMonday(clock, weekOf(row[rota.name_part]), from)]));
}

/** Takes new people into the rotas. The calendar's doing, not the owner's: it is not undone. */
export async function settleRotas(ctx: Context): Promise<void> {
  const rotas = await rq.readRotas(ctx.db);
  if (rotas.length === 0) return;
  const changed = await ctx.db.transaction(async (tx) => {
    let any = false;
    for (const rota of rotas) any = (await settle(ctx, tx, rota)).changed || any;
    return any;
  });
  if (changed) noteWrite(ctx);
}

/** This week's letters of each rota. */
export async function present(ctx: Context): Promise<CallOutput<typeof listRotas>> {
  const today = toDayNumber(ctx.clock.today());
  const rotas: CallOutput<typeof listRotas>['rotas'] = [];
  for (const rota of await rq.readRotas(ctx.db)) {
    const clock = clockOf(rota);
    if (today < clock.firstMonday) continue;
    const week = rotaWeek(clock, today);
    const groups = letterGroups(rota.cuts);
    const weekOf = weekOfNames(rota);
    const people = (await namesOf(ctx, ctx.db, rota)).filter(({ name }) => weekOf(name) === week);
    const ids = people.map(({ id }) => id);
    rotas.push({
      cadenceId: rota.cadence_id,
      name: rota.name,
      week: week + 1,
      weeks: rota.weeks,
      letters: groups.flatMap((group, g) => (rota.assigned[g] === week ? [groupName(group)] : [])),
      people: people.length,
      reached: await rq.reachedSince(ctx.db, ids, toPlainDate(weekStart(today))),
    });
  }
  return { rotas };
}
