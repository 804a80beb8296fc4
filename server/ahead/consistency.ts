import { need } from '@/core/need';
import { plainDate, toDayNumber, toPlainDate, weekStart } from '@/core/time';

import type { Context } from '../context';
import * as queries from './queries';

/**
 * What stood on the desk, what was made (of any origin) and what was let go, by week. What was on
 * the desk and is still open was planned anew: it is neither made nor let go.
 */
export async function readConsistency(ctx: Context, weeks: number) {
  const last = weekStart(toDayNumber(ctx.clock.today()));
  const mondays = Array.from({ length: weeks }, (_, i) => toPlainDate(last - (weeks - 1 - i) * 7));
  const from = need(mondays[0]);
  const [made, letGo, planned] = [
    await queries.madeByWeek(ctx.db, from),
    await queries.letGoByWeek(ctx.db, from),
    await queries.deskByWeek(ctx.db, from),
  ];
  const of = (rows: readonly { monday: string; n: number }[], monday: string) =>
    rows.filter((row) => row.monday === monday).reduce((sum, { n }) => sum + n, 0);
  return {
    weeks: mondays.map((monday) => ({
      monday: plainDate(monday),
      planned: of(planned, monday),
      made: of(made, monday),
      letGo: of(letGo, monday),
      kinds: made.filter((row) => row.monday === monday).map(({ kind, n }) => ({ kind, made: n })),
    })),
  };
}
