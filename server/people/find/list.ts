import type { CallOutput } from '@/contract/endpoint';
import type { PeopleFilter, PeopleSort } from '@/contract/filters';
import type { listPeople } from '@/contract/people';
import { plainDate, toDayNumber } from '@/core/time';
import { standingOf } from '@/core/touches';

import type { Context } from '../../context';
import { asking } from './conditions';
import * as queries from '../queries';
import { toStanding } from './standing';

export async function readList(
  ctx: Context,
  filter: PeopleFilter,
  sort: PeopleSort,
  page: { offset: number; limit: number },
): Promise<CallOutput<typeof listPeople>> {
  const today = ctx.clock.today();
  const { total, near, rows } = await queries.listPeople(ctx.db, filter, sort, page, asking(ctx));
  return {
    total,
    near,
    rows: rows.map((row) => ({
      id: row.id,
      name: row.name,
      place: row.place,
      company: row.company,
      circle: row.circle,
      tags: row.tags,
      standing: toStanding(
        standingOf(
          {
            promiseDays: row.promise_days,
            due: row.due === null ? null : toDayNumber(plainDate(row.due)),
          },
          toDayNumber(today),
        ),
      ),
      hasPhone: row.has_phone,
      hasEmail: row.has_email,
      hasAddress: row.has_address,
      recent: row.recent,
    })),
  };
}
