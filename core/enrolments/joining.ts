import { isCalendar, type Cadence } from '@/core/cadences';
import { isWorkingDay, type WorkCalendar } from '@/core/calendar';
import { need } from '@/core/need';
import type { PlanPerson } from '@/core/planner';
import type { DayNumber } from '@/core/time';

import { enrolmentsIn, withEnrolments, type PlanEnrolment } from './items';

/** Days that a phased start looks ahead for working days; without any, everybody begins at once. */
const MAX_DAYS = 40_000;

/**
 * The day on which each of `people` begins, in their order: all on the first day, or so many on
 * each working day from it on.
 */
export function startDays(
  people: number,
  from: DayNumber,
  perDay: number | null,
  calendar: WorkCalendar,
): DayNumber[] {
  if (perDay === null || calendar.workingDays.length === 0)
    return Array.from({ length: people }, () => from);
  const days: DayNumber[] = [];
  for (let day = from; days.length < people && day < from + MAX_DAYS; day++) {
    if (!isWorkingDay(day, calendar)) continue;
    for (let n = 0; n < perDay && days.length < people; n++) days.push(day);
  }
  return days;
}

/** The sphere as it would be with these people on a cadence from their days on; who would join already begins anew. */
export function withJoining(
  sphere: readonly PlanPerson[],
  cadence: Cadence,
  starts: ReadonlyMap<string, Pick<PlanEnrolment, 'run'>>,
): PlanPerson[] {
  return sphere.map((person) => {
    const joining = starts.get(person.id);
    if (!joining) return person;
    const id = `try:${person.id}`;
    const others = enrolmentsIn(person).filter((e) => e.id !== id);
    const enrolment = { id, cadence, run: joining.run, settledUntil: null };
    return withEnrolments(person, [...others, enrolment]);
  });
}

/**
 * New starts for those on a cadence who have not begun it, so many on each working day from `from`
 * on, in the order in which they were to begin and none of them earlier: days since 1970-01-01 by
 * enrolment. Days of the calendar and the letter rota don't move with a start.
 */
export function spreadStarts(
  sphere: readonly PlanPerson[],
  cadenceId: string,
  from: DayNumber,
  perDay: number,
  calendar: WorkCalendar,
): Map<string, DayNumber> {
  const free = sphere
    .flatMap((person) => enrolmentsIn(person))
    .filter(
      ({ cadence, run, settledUntil }) =>
        cadence.id === cadenceId &&
        settledUntil === null &&
        !run.round &&
        cadence.lapseDays === undefined &&
        !isCalendar(cadence),
    )
    .toSorted((a, b) => a.run.start - b.run.start);
  const days = startDays(free.length, from, perDay, calendar);
  return new Map(free.map(({ id, run }, i) => [id, Math.max(run.start, need(days[i]))]));
}

/** The sphere as it would be if these enrolments began on other days. */
export const withStarts = (
  sphere: readonly PlanPerson[],
  starts: ReadonlyMap<string, DayNumber>,
): readonly PlanPerson[] =>
  starts.size === 0
    ? sphere
    : sphere.map((person) => {
        const enrolments = enrolmentsIn(person);
        if (!enrolments.some(({ id }) => starts.has(id))) return person;
        return withEnrolments(
          person,
          enrolments.map((e) => {
            const start = starts.get(e.id);
            return start === undefined ? e : { ...e, run: { ...e.run, start } };
          }),
        );
      });

/** The sphere as it would be if a cadence were another one. */
export const withCadence = (sphere: readonly PlanPerson[], cadence: Cadence): PlanPerson[] =>
  sphere.map((person) => {
    const enrolments = enrolmentsIn(person);
    if (!enrolments.some((e) => e.cadence.id === cadence.id)) return person;
    return withEnrolments(
      person,
      enrolments.map((e) => (e.cadence.id === cadence.id ? { ...e, cadence } : e)),
    );
  });

/** The sphere as it would be if these cadences were switched off. */
export const withoutCadences = (
  sphere: readonly PlanPerson[],
  rest: readonly string[],
): readonly PlanPerson[] =>
  rest.length === 0
    ? sphere
    : sphere.map((person) => {
        const enrolments = enrolmentsIn(person);
        const left = enrolments.filter(({ cadence }) => !rest.includes(cadence.id));
        return left.length === enrolments.length ? person : withEnrolments(person, left);
      });
