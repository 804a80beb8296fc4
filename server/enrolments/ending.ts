import { beatOf, enrolmentsIn, isOver, nextAnchor, type PlanEnrolment } from '@/core/enrolments';
import { need } from '@/core/need';
import { toPlainDate, type DayNumber } from '@/core/time';

import { newId, type Sql } from '../db';
import type { Settled } from '../planner';
import * as queries from './queries';

/** After a beat was made or let go: the next round is counted from it, or the cadence ends with it. */
export async function advanceEnrolment(
  tx: Sql,
  { touch: { item }, person, on, today, calendar }: Settled,
): Promise<void> {
  const beat = need(beatOf(item));
  const enrolment = enrolmentsIn(person).find(({ id }) => id === beat.enrolmentId);
  if (!enrolment) return;
  const settledUntil = Math.max(item.nominal, enrolment.settledUntil ?? item.nominal);
  // What goes by itself today may be still to come; a new day ends the cadence then.
  if (isOver(enrolment, settledUntil, today - 1, { calendar }))
    return finish(tx, [{ personId: person.id, enrolment }], today, on);
  const anchor = nextAnchor(enrolment, beat, on);
  if (anchor)
    await queries.setAnchors(tx, [
      { id: enrolment.id, round: anchor.round, start: toPlainDate(anchor.start) },
    ]);
}

/** An enrolment that is over. */
export interface Over {
  personId: string;
  enrolment: PlanEnrolment;
}

/**
 * Ends enrolments and hands over to the next cadence whoever is not on that one already.
 *
 * @param on the day of the last beat, from which the wait is counted; nobody starts before today
 */
export async function finish(
  tx: Sql,
  over: readonly Over[],
  today: DayNumber,
  on: DayNumber = today,
): Promise<void> {
  if (over.length === 0) return;
  const ids = over.map(({ enrolment }) => enrolment.id);
  await queries.finishEnrolments(tx, ids, toPlainDate(today));
  for (const { personId, enrolment } of over) {
    const { handOver } = enrolment.cadence;
    if (handOver)
      await begin(tx, personId, handOver.cadenceId, Math.max(today, on + handOver.waitDays));
  }
}

/** Puts somebody on a cadence, unless they are on it already or it is gone. */
export async function begin(
  tx: Sql,
  personId: string,
  cadenceId: string,
  start: DayNumber,
): Promise<void> {
  if (await queries.isOn(tx, personId, cadenceId)) return;
  await queries.insertEnrolments(tx, [
    { id: newId(), person_id: personId, cadence_id: cadenceId, start_on: toPlainDate(start) },
  ]);
}
