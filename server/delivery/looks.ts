import { todayIn } from '@/core/zones';
import type { Look } from '@/core/people';

import type { Context } from '../context';

const DAYS_BACK = 60;
const DAY_MS = 86_400_000;
const SHOWN = 2;

/** The letters that somebody opened lately, or whose links they followed, the latest first. */
export async function looksOf({ db, clock }: Context, personId: string): Promise<Look[]> {
  const rows = await db.query<{ subject: string; at: string; link: string }>(
    `select subject, at, link from (
       select distinct on (delivery.id) delivery.subject, event.at, event.detail as link
       from delivery join delivery_event as event on event.delivery_id = delivery.id
       where delivery.person_id = $1::uuid and event.kind in ('opened', 'clicked')
         and event.at > $2::timestamptz
       order by delivery.id, event.kind = 'clicked' desc, event.at desc
     ) as letter order by at desc limit ${SHOWN}`,
    [personId, new Date(clock.nowMs() - DAYS_BACK * DAY_MS).toISOString()],
  );
  return rows.map(({ at, ...row }) => ({
    ...row,
    on: todayIn(clock.zone, Date.parse(at)),
  }));
}
