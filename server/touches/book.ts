import { addDays } from '@/core/time';
import { holdOf, holdsOf, kindSetups } from '@/core/touches';
import { todayIn } from '@/core/zones';

import { actIn, answer } from '../act';
import { Refusal } from '../api';
import type { Context } from '../context';
import { newId, type Sql } from '../db';
import { channelOf, type SentDelivery, type TouchBook } from '../delivery';
import { sphereNow, type Sphere } from '../planner';
import { readSettings } from '../settings';
import { logTouchIn } from './log';
import { insertFollowUp, insertTouches } from './queries';

const dayOf = ({ clock }: Context, { sent_at }: SentDelivery) =>
  todayIn(clock.zone, Date.parse(sent_at));

/**
 * What is sent becomes a touch: what Pen Pal sent in bulk, what the owner wrote like any touch of theirs,
 * which also settles what the desk wanted.
 */
export const touchBook: TouchBook = {
  async prepare(ctx, sent) {
    return sent.some(({ automatic }) => !automatic) ? sphereNow(ctx) : null;
  },
  async logSent(ctx, tx, sent, prepared) {
    const bulk = await logAutomatic(
      ctx,
      tx,
      sent.filter(({ automatic }) => automatic),
    );
    const after: (() => Promise<unknown>)[] = [];
    const own: { id: string; touch_id: string }[] = [];
    for (const one of sent.filter(({ automatic }) => !automatic)) {
      const logged = await logOwn(ctx, tx, one, prepared as Sphere);
      if (!logged) continue;
      own.push({ id: one.id, touch_id: logged.done.touchId });
      after.push(() => answer(ctx, logged.actionId, logged.done));
    }
    return { touches: [...bulk, ...own], after };
  },
  async planRepair(ctx, tx, { personId, kind, words }) {
    await insertFollowUp(tx, {
      id: newId(),
      person_id: personId,
      on_day: addDays(ctx.clock.today(), 1),
      kind,
      words,
      touch_id: null,
    });
  },
};

async function logAutomatic(ctx: Context, tx: Sql, sent: readonly SentDelivery[]) {
  if (sent.length === 0) return [];
  // What was sent to many kept nobody's promise.
  const keeps = ({ cadence }: SentDelivery) => cadence !== '';
  const holds = sent.some(keeps) ? holdsOf(kindSetups((await readSettings(tx)).kinds)) : null;
  const touches = sent.map((one) => {
    const { touch: kind } = channelOf(ctx, one.channel);
    return {
      id: newId(ctx.clock.nowMs()),
      person_id: one.person_id,
      on_day: dayOf(ctx, one),
      logged_at: ctx.clock.now(),
      kind,
      outcome: 'sent' as const,
      automatic: true,
      hold: holds && keeps(one) ? holdOf(kind, 'sent', holds) : 0,
      delivery: one.id,
    };
  });
  await insertTouches(tx, touches);
  return touches.map(({ id, delivery }) => ({ id: delivery, touch_id: id }));
}

/** Logged by hand meanwhile or planned no more, it is still a touch; of somebody who is gone, none. */
async function logOwn(ctx: Context, tx: Sql, one: SentDelivery, sphere: Sphere) {
  const kind = channelOf(ctx, one.channel).touch;
  const touch = { personId: one.person_id, kind, outcome: 'sent', on: dayOf(ctx, one) } as const;
  const log = (more: object) =>
    actIn(ctx, tx, () => logTouchIn(ctx, tx, sphere, { ...touch, ...more })).catch(
      (error: unknown) => {
        if (error instanceof Refusal) return null;
        throw error;
      },
    );
  return (one.item_key ? await log({ itemKey: one.item_key }) : null) ?? log({});
}
