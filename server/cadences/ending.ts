import { isOver, nextAnchor, type PlanEnrolment, type PlannedTouch } from '@/core/planner';
import { toPlainDate, type DayNumber } from '@/core/time';

import { newId, type Sql } from '../db';
import type { Sphere } from '../planner';
import * as eq from './enrolment-queries';

/**
 * After a beat was made or skipped: the next round is counted from it, or the cadence ends with it.
 *
 * @param on the day on which it was really made, which may lie before today
 */
export async function goOn(
  tx: Sql,
  sphere: Sphere,
  { item }: PlannedTouch,
  on: DayNumber,
): Promise<void> {
  const { beat, personId, nominal } = item;
  if (!beat) return;
  const enrolment = sphere.people
    .find(({ id }) => id === personId)
    ?.enrolments.find(({ id }) => id === beat.enrolmentId);
  if (!enrolment) return;
  const settledUntil = Math.max(nominal, enrolment.settledUntil ?? nominal);
  // What goes by itself today may be still to come; a new day ends the cadence then.
  if (isOver(enrolment, settledUntil, sphere.options.today - 1, sphere.options))
    return finish(tx, personId, enrolment, sphere.options.today, on);
  const anchor = nextAnchor(enrolment, beat, on);
  if (anchor)
    await eq.setAnchors(tx, [
      { id: enrolment.id, round: anchor.round, start: toPlainDate(anchor.start) },
    ]);
}

/**
 * Ends an enrolment and hands over to the next cadence, unless they are on that one already.
 *
 * @param on the day of the last beat, from which the wait is counted; nobody starts before today
 */
export async function finish(
  tx: Sql,
  personId: string,
  { id, cadence }: PlanEnrolment,
  today: DayNumber,
  on: DayNumber = today,
): Promise<void> {
  await eq.finishEnrolment(tx, id, toPlainDate(today));
  if (cadence.handOver)
    await begin(
      tx,
      personId,
      cadence.handOver.cadenceId,
      Math.max(today, on + cadence.handOver.waitDays),
    );
}

/** Puts somebody on a cadence, unless they are on it already or it is gone. */
export async function begin(
  tx: Sql,
  personId: string,
  cadenceId: string,
  start: DayNumber,
): Promise<void> {
  if (await eq.isOn(tx, personId, cadenceId)) return;
  await eq.insertEnrolments(tx, [
    { id: newId(), person_id: personId, cadence_id: cadenceId, start_on: toPlainDate(start) },
  ]);
}
