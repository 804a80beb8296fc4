import type { CallInput } from '@/contract/endpoint';
import { plainDate } from '@/core/time';
import { act } from '@/server/act';
import { invalid } from '@/server/api';
import type { Context } from '@/server/context';
import { newId } from '@/server/db';
import { findOrRefuse } from '@/server/people';

import type { addGift } from './contract';

export const list = async ({ db }: Context, personId: string) =>
  (
    await db.query<{ id: string; on_day: string; what: string }>(
      'select id, on_day, what from gift where person_id = $1::uuid order by on_day desc, id desc',
      [personId],
    )
  ).map(({ id, on_day, what }) => ({ id, on: plainDate(on_day), what }));

export async function add(
  ctx: Context,
  personId: string,
  { on, what }: NonNullable<CallInput<typeof addGift>['body']>,
) {
  if (on > ctx.clock.today()) throw invalid('A gift is noted once it is given.', 'on');
  return act(ctx, async (tx) => {
    const { name } = await findOrRefuse(tx, personId);
    const id = newId(ctx.clock.nowMs());
    await tx.query(
      'insert into gift (id, person_id, on_day, what) values ($1::uuid, $2::uuid, $3::date, $4)',
      [id, personId, on, what],
    );
    return { id, sentence: `${name} was given ${what}`, plan: 'nobody', topics: ['people'] };
  });
}
