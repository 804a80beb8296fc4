import type { LogTouch } from '@/contract/touches';
import { KEEPER, roomiestDay } from '@/core/planner';
import { plural, spokenDate, toPlainDate, type PlainDate } from '@/core/time';
import { holdOf, holdsOf, kindSetups, KIND_WORDS, type TouchKind } from '@/core/touches';

import { act, actOnMany } from '../act';
import { invalid, notFound } from '../api';
import type { Context } from '../context';
import { newId } from '../db';
import { insertNotes, toNote } from '../people';
import { sphereNow } from '../planner';
import { readSettings } from '../settings';
import { assertOutcome } from './log';
import * as queries from './queries';
import { mark, putBack, settle } from './settling';

async function findPlanned(ctx: Context, itemKey: string) {
  const sphere = await sphereNow(ctx);
  const item = sphere.plan.touches.find((touch) => touch.item.key === itemKey);
  if (!item) throw notFound('This is no longer planned; the desk has moved on.');
  return { sphere, item, name: sphere.names.get(item.item.personId) ?? '' };
}

/** Puts an item off until a day; without one it is handed back, for the plan to find the day. */
export async function putOff(ctx: Context, itemKey: string, until: PlainDate | null) {
  const today = ctx.clock.today();
  if (until !== null && until <= today) throw invalid('Choose a day after today.', 'until');
  const { sphere, item, name } = await findPlanned(ctx, itemKey);
  const wished = until ?? toPlainDate(roomiestDay(sphere.plan, sphere.options, item.item));
  return act(ctx, async (tx) => {
    const back = until === null;
    const day = await putBack(ctx, tx, sphere, item, wished, back ? 'handed_back' : 'asked');
    const why = back ? ', the day with most room' : '';
    return {
      sentence: `${name} comes back ${spokenDate(day, today)}${why}`,
      plan: [item.item.personId],
      topics: ['enrolments'],
    };
  });
}

/** The same touch another way; its day stays. */
export async function swap(ctx: Context, itemKey: string, kind: TouchKind) {
  const { item, name } = await findPlanned(ctx, itemKey);
  return act(ctx, async (tx) => {
    await queries.swapMark(tx, mark(ctx, item, { fate: 'put_off', kind }));
    return {
      sentence: `${name}: ${KIND_WORDS[kind].noun} instead`,
      plan: [item.item.personId],
      topics: ['enrolments'],
    };
  });
}

export async function skip(ctx: Context, itemKey: string) {
  const { sphere, item, name } = await findPlanned(ctx, itemKey);
  if (item.item.source === KEEPER)
    throw invalid('This touch keeps a promise. Put it off, or change the promise.', 'itemKey');
  return act(ctx, async (tx) => {
    await settle(ctx, tx, sphere, item, 'skipped', null, sphere.options.today);
    return { sentence: `Let go for ${name}`, plan: [item.item.personId], topics: ['enrolments'] };
  });
}

/** Brings in touches made earlier, such as a history kept elsewhere. */
export async function logPast(
  ctx: Context,
  touches: readonly (Required<Pick<LogTouch, 'personId' | 'kind' | 'outcome' | 'note'>> & {
    on: PlainDate;
  })[],
) {
  const today = ctx.clock.today();
  const holds = holdsOf(kindSetups((await readSettings(ctx.db)).kinds));
  for (const [i, touch] of touches.entries()) {
    if (touch.on > today)
      throw invalid(`Touch ${i + 1} lies in the future (${touch.on}).`, `touches.${i}.on`);
    assertOutcome(touch);
  }
  const ids = [...new Set(touches.map(({ personId }) => personId))];
  if ((await queries.countPeopleIn(ctx.db, ids)) !== ids.length)
    throw notFound('Some of these touches are of people who are not in your sphere.');
  const what = plural(touches.length, 'earlier touch', 'earlier touches');
  return actOnMany(
    ctx,
    `Bringing in ${what}`,
    touches,
    async (tx, some) => {
      await queries.insertTouches(
        tx,
        some.map((touch) => ({
          id: newId(),
          person_id: touch.personId,
          on_day: touch.on,
          logged_at: ctx.clock.now(),
          kind: touch.kind,
          outcome: touch.outcome,
          hold: holdOf(touch.kind, touch.outcome, holds),
        })),
      );
      const notes = some.filter(({ note }) => note.trim());
      await insertNotes(
        tx,
        notes.map(({ personId, on, note }) => toNote(personId, on, note)),
      );
    },
    () => ({
      touches: touches.length,
      sentence: `Brought in ${what}`,
      plan: ids,
      topics: ['touches', 'notes'],
    }),
  );
}
