import type { CallOutput } from '@/contract/endpoint';
import type { listMeant, MEANT_FATES } from '@/contract/touches';
import { followUpItem, GATHERED_AFTER_DAYS } from '@/core/follow-ups';
import { contextOf, roomiestDay, type PlannedTouch } from '@/core/planner';
import { addDays, plural, spokenDate, toDayNumber, toPlainDate } from '@/core/time';

import { act } from '../act';
import { notFound } from '../api';
import type { Context } from '../context';
import { sphereNow } from '../planner';
import { mark } from './settling';
import { followUpsBefore } from './follow-ups';
import * as queries from './queries';

type Fate = (typeof MEANT_FATES)[number];

/** So many are shown at once, the oldest first. */
const SHOWN = 200;

/** Days after which what was left for later is there again. */
const LATER_DAYS = 28;

const followUpsLeftUndone = (ctx: Context) =>
  followUpsBefore(ctx.db, addDays(ctx.clock.today(), -GATHERED_AFTER_DAYS));

/** What the owner meant to do and left for more than a week; see `isGathered`. */
export async function overdueFollowUps(ctx: Context): Promise<CallOutput<typeof listMeant>> {
  const all = await followUpsLeftUndone(ctx);
  const items = all.slice(0, SHOWN).map(({ id, person_id, name, kind, words, on }) => ({
    id,
    personId: person_id as CallOutput<typeof listMeant>['items'][number]['personId'],
    name,
    kind,
    words,
    on,
  }));
  return { total: all.length, items };
}

/** Settles some of them at once: each kept one finds the day with most room, as if handed back. */
export async function settleMeant(ctx: Context, ids: readonly string[], fate: Fate) {
  const sphere = await sphereNow(ctx);
  const asked = new Set(ids);
  const meant = (await followUpsLeftUndone(ctx)).filter(({ id }) => asked.has(id));
  if (meant.length === 0) throw notFound('These are settled already.');
  const today = ctx.clock.today();
  const later = addDays(today, LATER_DAYS);
  const context = contextOf(sphere.options);
  const planned: PlannedTouch[] = [...sphere.plan.touches];
  return act(ctx, async (tx) => {
    for (const { id, person_id, kind, on } of meant) {
      const item = followUpItem(person_id, { id, kind, on: toDayNumber(on) }, context);
      const day = roomiestDay({ touches: planned }, sphere.options, item);
      const touch: PlannedTouch = { item, day, late: true, cause: 'put_off' };
      planned.push(touch);
      await queries.upsertMark(
        tx,
        mark(
          ctx,
          touch,
          fate === 'drop'
            ? { fate: 'skipped' }
            : {
                fate: 'put_off',
                kind,
                until: fate === 'later' ? later : toPlainDate(day),
                why: fate === 'later' ? 'asked' : 'handed_back',
              },
        ),
      );
    }
    const what = plural(meant.length, 'thing');
    const said: Record<Fate, string> = {
      keep: `Kept ${what}, on the days to come that have most room`,
      drop: `Dropped ${what} you meant to do`,
      later: `Left ${what} for ${spokenDate(later, today)}`,
    };
    return {
      sentence: said[fate],
      plan: [...new Set(meant.map(({ person_id }) => person_id))],
      topics: ['enrolments', 'touches'],
    };
  });
}
