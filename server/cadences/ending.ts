import {
  isOver,
  nextAnchor,
  type ItemContext,
  type PlanEnrolment,
  type PlannedTouch,
} from '@/core/planner';
import { toPlainDate, type DayNumber } from '@/core/time';

import { newId, type Sql } from '../db';
import type { Sphere } from '../planner';
import * as q from './queries';

const contextOf = ({ options }: Sphere): ItemContext => ({
  today: options.today,
  until: options.today,
  calendar: options.calendar,
  holds: options.holds,
});

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
  if (isOver(enrolment, settledUntil, contextOf(sphere)))
    return finish(tx, personId, enrolment, sphere.options.today, on);
  const anchor = nextAnchor(enrolment, beat, on);
  if (anchor)
    await q.setAnchors(tx, [
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
  await q.finishEnrolment(tx, id, toPlainDate(today));
  const { handOver } = cadence;
  if (!handOver || (await q.isOn(tx, personId, handOver.cadenceId))) return;
  await q.insertEnrolments(tx, [
    {
      id: newId(),
      person_id: personId,
      cadence_id: handOver.cadenceId,
      start_on: toPlainDate(Math.max(today, on + handOver.waitDays)),
    },
  ]);
}
