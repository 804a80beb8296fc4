import type { PlainDate } from '@/core/time';
import { dyingAfter, Killed } from '@/testing/dying';
import { parcelChannel, parcelRequest, parcels } from '@/testing/gifts/parcels';
import { parcelSuite } from '@/testing/gifts/suite';

import type { DeliveryResult } from '../carriers';
import type { Db } from '../db';
import { queueDeliveries, report, sendDue, type DeliveryRow, type Outgoing } from '.';

// A year of deliveries with a carrier that defers, refuses, drops the line and reports things twice, in a
// program that is killed and machines that sleep: each goes once, or not at all and is said to, or is in doubt.

const DELIVERIES = Number(process.env.PENPAL_DELIVERIES ?? 3_000);
const PEOPLE = 40;
const DAYS = 365;

const { add, ctx, later } = parcelSuite();

/** Numbers below a limit, the same in each run (xorshift, Marsaglia 2003). */
function dice(seed: number) {
  let x = seed;
  return (below: number) => {
    x ^= x << 13;
    x ^= x >>> 17;
    x ^= x << 5;
    return (x >>> 0) % below;
  };
}
const roll = dice(20261123);

/** The carrier: what it really took, how often, by the words of the parcel. */
const arrived = new Map<string, number>();

function answer({ words }: Outgoing): DeliveryResult {
  const take = () => arrived.set(words, (arrived.get(words) ?? 0) + 1);
  switch (roll(20)) {
    case 0:
    case 1:
    case 2:
      return { as: 'later', words: 'Not now.' };
    case 3:
      return { as: 'refused', words: 'We do not take this.', noSuchAddress: false };
    case 4:
      if (roll(2) === 0) take();
      return { as: 'unclear', words: 'The line broke.' };
    case 5:
      if (roll(2) === 0) take();
      throw new Error('the carrier broke');
    default:
      take();
      return { as: 'taken', ref: words };
  }
}

async function queueDay(people: readonly string[], on: PlainDate, from: number, to: number) {
  await ctx().db.transaction((tx) =>
    queueDeliveries(
      ctx(),
      tx,
      Array.from({ length: to - from }, (_, n) => ({
        ...parcelRequest(people[roll(PEOPLE)] ?? '', String(from + n), String(from + n)),
        on,
      })),
    ),
  );
}

/** Sends, sometimes in two processes at once, sometimes in one that is killed. */
async function send(): Promise<void> {
  if (roll(6) === 0) {
    const db: Db = dyingAfter(ctx().db, roll(14));
    await sendDue({ ...ctx(), db }).catch((error: unknown) => {
      if (!(error instanceof Killed)) throw error;
    });
  }
  await sendDue(ctx());
}

/** The carrier reports what it took lately, each report twice. */
async function reportTwice(): Promise<void> {
  const some = await ctx().db.query<Pick<DeliveryRow, 'id' | 'outcome' | 'person_id'>>(
    `select id, outcome, person_id from delivery where state = 'sent' order by sent_at desc limit 5`,
  );
  for (const one of [...some, ...some])
    await report(ctx(), one, { key: `arrived ${one.id}`, kind: 'delivered', detail: '' });
}

test('each goes once, is said not to have gone, or is in doubt', async () => {
  parcels.answer = answer;
  parcelChannel.afterCrash = 'ask';
  arrived.clear();
  const people: string[] = [];
  for (let n = 0; n < PEOPLE; n += 1)
    people.push(
      await add({
        givenName: `Rosa ${n}`,
        addresses: [{ line: `${n} Chandler Row`, city: 'Port Ellery' } as never],
        consent: { post: { answer: 'yes', on: '2026-05-04', cameFrom: 'at the fair' } },
      }),
    );
  later(9);
  for (let day = 0; day < DAYS; day += 1) {
    const share = (at: number) => Math.floor((DELIVERIES * at) / DAYS);
    await queueDay(people, ctx().clock.today(), share(day), share(day + 1));
    // Asleep for days now and then.
    if (roll(12) > 0) {
      await send();
      if (roll(10) === 0) await reportTwice();
    }
    parcels.taken.length = 0;
    later(24);
  }
  for (let day = 0; day < 10; day += 1) {
    later(24);
    await send();
  }

  const rows = await ctx().db.query<{
    words: string;
    state: string;
    remedy: string;
    why: string;
    touch: boolean;
  }>('select words, state, remedy, why, touch_id is not null as touch from delivery');
  expect(rows).toHaveLength(DELIVERIES);
  const times = (words: string) => arrived.get(words) ?? 0;
  const tally = new Map<string, number>();
  const wrong = rows.filter(({ words, state, remedy, why, touch }) => {
    const end = `${state} ${remedy}`.trim();
    tally.set(end, (tally.get(end) ?? 0) + 1);
    if (state === 'sent') return times(words) !== 1 || !touch;
    if (touch || why === '') return true;
    if (end === 'held unclear') return times(words) > 1;
    return times(words) > 0 || !['failed again', 'held late'].includes(end);
  });
  expect(wrong).toEqual([]);
  const ends = Object.fromEntries(tally);
  for (const end of ['sent', 'held unclear', 'failed again', 'held late'])
    expect([end, (ends[end] ?? 0) > 0]).toEqual([end, true]);
  const [touches] = await ctx().db.query<{ n: number }>(`select count(*)::int as n from touch`);
  expect(touches?.n).toBe(ends.sent);
  const reports = await ctx().db.query<{ key: string }>('select key from delivery_event');
  expect(new Set(reports.map(({ key }) => key)).size).toBe(reports.length);
  if (DELIVERIES > 3_000) console.log(`${DELIVERIES} deliveries in a year:`, ends);
});
