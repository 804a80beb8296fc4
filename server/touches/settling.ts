import { moveToWorkingDay } from '@/core/calendar';
import type { PlannedTouch, PutOffWhy } from '@/core/planner';
import { toDayNumber, toPlainDate, type DayNumber, type PlainDate } from '@/core/time';

import type { Context } from '../context';
import type { Sql } from '../db';
import { markedWith, settleAtSource, type Sphere } from '../planner';
import * as queries from './queries';

export function mark(
  ctx: Context,
  { item }: PlannedTouch,
  rest: Pick<queries.MarkRecord, 'fate'> & Partial<queries.MarkRecord>,
): queries.MarkRecord {
  const { enrolmentId, plannedOn } = markedWith(ctx, item);
  return {
    id: item.key,
    person_id: item.personId,
    enrolment_id: enrolmentId,
    planned_on: plannedOn,
    until: null,
    touch_id: null,
    kind: null,
    why: null,
    about: '',
    ...rest,
  };
}

export async function settle(
  ctx: Context,
  tx: Sql,
  sphere: Sphere,
  item: PlannedTouch,
  fate: 'made' | 'skipped',
  touchId: string | null,
  on: DayNumber,
): Promise<void> {
  await queries.upsertMark(tx, mark(ctx, item, { fate, touch_id: touchId }));
  await settleAtSource(ctx, sphere, tx, item, { on, made: fate === 'made', touchId });
}

export async function putBack(
  ctx: Context,
  tx: Sql,
  sphere: Sphere,
  item: PlannedTouch,
  until: PlainDate,
  why: PutOffWhy,
  asked: Pick<queries.MarkRecord, 'kind' | 'about'> = { kind: null, about: '' },
): Promise<PlainDate> {
  const day = toPlainDate(moveToWorkingDay(toDayNumber(until), 'next', sphere.options.calendar));
  await queries.upsertMark(tx, mark(ctx, item, { fate: 'put_off', until: day, why, ...asked }));
  return day;
}
