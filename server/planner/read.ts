import type { Cadence } from '@/core/cadences';
import type { PlanEnrolment, PlanFollowUp, PlanPerson } from '@/core/planner';
import { dueDay, type TouchKind } from '@/core/touches';

import { yearlyDates } from '../cadences';
import type { Sql } from '../db';
import type { OwnerSettings } from '../settings';
import * as q from './queries';

/** What the planner needs to know of people, and what is said of them. */
export interface PeopleRead {
  people: PlanPerson[];
  names: Map<string, string>;
  followUpWords: Map<string, string>;
}

/** Everybody who is planned for, or those of them among `ids`. */
export async function readPeople(
  sql: Sql,
  cadences: ReadonlyMap<string, Cadence>,
  { leapDay, graceDays }: Pick<OwnerSettings, 'leapDay' | 'graceDays'>,
  ids: readonly string[] | null,
): Promise<PeopleRead> {
  const [people, lasts, enrolments, dates, settled, followUps] = [
    await q.planPeople(sql, ids),
    groupBy(await q.planLast(sql, ids), ({ person_id }) => person_id),
    groupBy(await q.planEnrolments(sql, ids), ({ person_id }) => person_id),
    new Map((await q.planDates(sql, ids)).map((row) => [row.person_id, yearlyDates(row)])),
    groupBy(await q.planSettled(sql, ids), ({ enrolment_id }) => enrolment_id),
    await q.planFollowUps(sql, ids),
  ];
  const enrolmentOf = (e: q.EnrolmentRow): PlanEnrolment => {
    const marks = settled.get(e.id);
    return {
      id: e.id,
      cadence: cadences.get(e.cadence_id)!,
      run: {
        start: e.anchor_on,
        ...(e.anchor_round > 0 ? { round: e.anchor_round } : {}),
        ...(dates.has(e.person_id) ? { dates: dates.get(e.person_id)!, leapDay } : {}),
      },
      settledUntil: e.settled_until,
      ...(e.passed_over === null ? {} : { passedOver: e.passed_over }),
      ...(marks ? { settled: new Set(marks.map(({ touch }) => touch)) } : {}),
    };
  };
  const followUpsOf = groupBy(followUps, ({ person_id }) => person_id);
  return {
    people: people.map((row) => ({
      id: row.id,
      promiseDays: row.promise_days,
      due: dueDay({
        promiseDays: row.promise_days,
        lastTouches: lasts.get(row.id) ?? [],
        addedOn: row.added_on,
        graceDays,
      }),
      lastOn: lasts.has(row.id) ? Math.max(...lasts.get(row.id)!.map(({ on }) => on)) : null,
      householdId: row.household_id,
      weight: row.position ?? 99,
      keeperKind: keeperKind(row),
      enrolments: (enrolments.get(row.id) ?? []).map(enrolmentOf),
      followUps: (followUpsOf.get(row.id) ?? []).map((f): PlanFollowUp => ({
        id: f.id,
        on: f.on,
        kind: f.kind as TouchKind,
      })),
    })),
    names: new Map(people.map(({ id, name }) => [id, name])),
    followUpWords: new Map(followUps.map(({ id, words }) => [id, words])),
  };
}

/** How a promise is kept when no cadence says how: the most personal way on record. */
function keeperKind(has: {
  has_phone: boolean;
  has_email: boolean;
  has_address: boolean;
}): TouchKind {
  if (has.has_phone) return 'call';
  if (has.has_email) return 'email';
  return has.has_address ? 'card' : 'other';
}

export function groupBy<T>(rows: readonly T[], keyOf: (row: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const row of rows) {
    const key = keyOf(row);
    const group = groups.get(key);
    if (group) group.push(row);
    else groups.set(key, [row]);
  }
  return groups;
}
