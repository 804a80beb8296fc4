import { isOver, passedBeats } from '@/core/planner';
import { toPlainDate } from '@/core/time';

import { noteWrite, type Context } from '../context';
import { sphereNow } from '../planner';
import { finish } from './ending';
import * as q from './queries';
import { settleRotas } from './rota';

/**
 * What a new day does by itself: notes beats that were overtaken undone and those that go out on
 * their own, ends cadences whose last round is over, and hands over. Each is keyed by enrolment,
 * beat and round, so that a second run finds nothing to do. It is the calendar's doing, not the
 * owner's, and is not undone.
 */
export async function dailyRound(ctx: Context): Promise<void> {
  await settleRotas(ctx);
  const sphere = await sphereNow(ctx);
  const { today, calendar, holds, putOffs } = sphere.options;
  const context = { today, until: today, calendar, holds };
  const marks: q.PassedMark[] = [];
  const over: Parameters<typeof finish>[] = [];
  await ctx.db.transaction(async (tx) => {
    for (const { id, enrolments } of sphere.people)
      for (const enrolment of enrolments) {
        let { settledUntil } = enrolment;
        for (const { key, nominal, fate } of passedBeats(enrolment, putOffs, context)) {
          marks.push({
            id: key,
            person_id: id,
            fate,
            enrolment_id: enrolment.id,
            planned_on: toPlainDate(nominal),
          });
          if (fate === 'passed') settledUntil = Math.max(nominal, settledUntil ?? nominal);
        }
        if (isOver(enrolment, settledUntil, context)) over.push([tx, id, enrolment, today]);
      }
    await q.insertPassed(tx, marks);
    for (const ended of over) await finish(...ended);
  });
  if (marks.length > 0 || over.length > 0) noteWrite(ctx);
}
