import { fillWords, wordingOf } from '@/core/cadences';
import { isOver, passedBeats, type Passing, type PlanEnrolment } from '@/core/planner';
import { toDayNumber, toPlainDate, type PlainDate } from '@/core/time';

import { noteWrite, type Context } from '../context';
import type { Sql } from '../db';
import { readOwnFields } from '../lists';
import { sphereNow } from '../planner';
import { tell } from '../services';
import { readMemo, writeMemo } from '../settings';
import { begin, finish } from './ending';
import * as eq from './enrolment-queries';
import { settleRotas } from './rota';
import { wordValues } from './words';

/** An errand that has come due. */
interface Due extends Passing {
  personId: string;
  cadence: PlanEnrolment['cadence'];
}

const LAST_ROUND = 'last-daily-round';
/** What was enrolled after the last round is looked for this much earlier. */
const LOOK_BACK_DAYS = 7;

/**
 * What a new day does by itself: notes beats that were overtaken undone and those that go out on
 * their own, runs errands, ends cadences whose last round is over, and hands over. Each is keyed by
 * enrolment, beat and round, so that a second run finds nothing to do. It is the calendar's doing,
 * not the owner's, and is not undone.
 */
export async function dailyRound(ctx: Context): Promise<void> {
  await settleRotas(ctx);
  const sphere = await sphereNow(ctx);
  const { today, calendar, holds, putOffs } = sphere.options;
  const context = { today, until: today, calendar, holds };
  const last = await readMemo<PlainDate>(ctx.db, LAST_ROUND);
  const since = (last ? Math.min(today, toDayNumber(last)) : -Infinity) - LOOK_BACK_DAYS;
  const marks: eq.PassedMark[] = [];
  const errands: Due[] = [];
  const over: Parameters<typeof finish>[] = [];
  const changed = await ctx.db.transaction(async (tx) => {
    for (const { id, enrolments } of sphere.people)
      for (const enrolment of enrolments) {
        let { settledUntil } = enrolment;
        for (const passing of passedBeats(enrolment, putOffs, context, since)) {
          const { key, nominal, fate } = passing;
          marks.push({
            id: key,
            person_id: id,
            fate,
            enrolment_id: enrolment.id,
            planned_on: toPlainDate(nominal),
          });
          if (fate === 'ran')
            errands.push({ ...passing, personId: id, cadence: enrolment.cadence });
          if (fate === 'passed') settledUntil = Math.max(nominal, settledUntil ?? nominal);
        }
        if (isOver(enrolment, settledUntil, today, context)) over.push([tx, id, enrolment, today]);
      }
    const fresh = new Set((await eq.insertPassed(tx, marks)).map(({ id }) => id));
    for (const errand of errands) if (fresh.has(errand.key)) await run(ctx, tx, errand);
    for (const ended of over) await finish(...ended);
    await writeMemo(tx, LAST_ROUND, ctx.clock.today());
    return fresh.size > 0 || over.length > 0;
  });
  if (changed) noteWrite(ctx);
}

/** Runs an errand: puts the person on the other cadence, or has the service told of them. */
async function run(ctx: Context, tx: Sql, due: Due): Promise<void> {
  const { beat, key, round, personId, cadence, nominal } = due;
  const { errand } = beat;
  if (errand?.to === 'cadence')
    return begin(tx, personId, errand.cadenceId, toDayNumber(ctx.clock.today()));
  if (errand?.to !== 'service') return;
  const [person] = await eq.enrolCandidates(tx, [personId], cadence.id);
  if (!person) return;
  const words = wordingOf(beat.wordings, round, personId);
  const filled = fillWords(words, wordValues(person, await readOwnFields(tx)));
  const about = {
    personId,
    cadence: cadence.name,
    words: filled.ok ? filled.text : words,
    on: toPlainDate(nominal),
  };
  const fault = filled.ok ? null : `{{ ${filled.field} }} has nothing to fill it with.`;
  await tell(ctx, tx, key, errand.serviceId, about, fault);
}
