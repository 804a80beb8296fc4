import { dyingAfter, Killed } from '@/testing/dying';
import { parcelChannel, parcelRequest, parcels } from '@/testing/gifts/parcels';
import { parcelSuite } from '@/testing/gifts/suite';

import type { Context } from '../context';
import { queueDeliveries, sendDue, type DeliveryRow } from '.';

// Pen Pal is killed between every two statements of sending, and started again: nothing is lost, and nothing
// goes twice but to a carrier that knows it by its id.

const { add, ctx, later } = parcelSuite();

const PARCELS = 3;

async function queue(personId: string, round: number): Promise<void> {
  await ctx().db.transaction((tx) =>
    queueDeliveries(
      ctx(),
      tx,
      Array.from({ length: PARCELS }, (_, n) =>
        parcelRequest(personId, `${round}:${n}`, `${round}.${n}`),
      ),
    ),
  );
}

/** Runs sending in a process that dies after so many statements; whether it came to its end before. */
async function sendUntilKilled(statements: number): Promise<boolean> {
  const dying: Context = { ...ctx(), db: dyingAfter(ctx().db, statements) };
  try {
    await sendDue(dying);
    return true;
  } catch (error) {
    if (!(error instanceof Killed)) throw error;
    return false;
  }
}

test.each(['send again', 'ask'] as const)(
  'killed between every two steps, and after a crash told to %s',
  async (afterCrash) => {
    parcelChannel.afterCrash = afterCrash;
    const personId = await add({
      givenName: 'Rosa',
      addresses: [{ line: '3 Chandler Row', city: 'Port Ellery' } as never],
      consent: { post: { answer: 'yes', on: '2026-05-04', cameFrom: 'at the fair' } },
    });
    later(9);
    let [round, inDoubt, twice] = [0, 0, 0];
    for (let isOver = false; !isOver; round += 1) {
      await queue(personId, round);
      const before = parcels.taken.length;
      isOver = await sendUntilKilled(round);
      await sendDue(ctx());
      const taken = parcels.taken.slice(before).map(({ id }) => id);
      const rows = await ctx().db.query<DeliveryRow>(
        `select * from delivery where key like $1 order by key`,
        [`parcel:${round}:%`],
      );
      for (const { id, state, remedy, touch_id } of rows) {
        const times = taken.filter((one) => one === id).length;
        if (afterCrash === 'ask') expect(times).toBeLessThanOrEqual(1);
        if (state === 'sent') {
          expect([times > 0, touch_id === null]).toEqual([true, false]);
          twice += times - 1;
        } else {
          expect([afterCrash, state, remedy]).toEqual(['ask', 'held', 'unclear']);
          inDoubt += 1;
        }
      }
    }
    const touches = await ctx().db.query('select 1 from touch');
    expect(touches).toHaveLength(round * PARCELS - inDoubt);
    // It was killed where it matters: with parcels handed over and nothing recorded of them yet.
    expect(round).toBeGreaterThan(8);
    expect(afterCrash === 'ask' ? inDoubt : twice).toBeGreaterThan(0);
  },
);
