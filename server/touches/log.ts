import type { LogTouch } from '@/contract/touches';
import { yields, type PlannedTouch, type PutOffWhy } from '@/core/planner';
import { addDays, toDayNumber, yearlyOn, type LeapDayRule, type PlainDate } from '@/core/time';
import {
  completes,
  holdOf,
  KIND_WORDS,
  OUTCOME_WORDS,
  outcomesOf,
  type Outcome,
} from '@/core/touches';

import { act, type Acted } from '../act';
import { conflict, invalid } from '../api';
import type { Context } from '../context';
import { newId, type Sql } from '../db';
import { findOrRefuse, insertNotes, learn, toNote } from '../people';
import { sphereNow, type Sphere } from '../planner';
import * as queries from './queries';
import { putBack, settle } from './settling';

/** Days until a planned touch comes back when it did not come about. */
const COMES_BACK_AFTER: Partial<Record<Outcome, number>> = { no_answer: 2, not_now: 7 };

/** A touch as it is logged, with its day. */
type Dated = LogTouch & {
  on: PlainDate;
  /** Given where the touch is known by it elsewhere. */
  id?: string;
};

/** Logs a touch; settles what it makes needless, and puts off what did not come about. */
export async function logTouch(ctx: Context, touch: LogTouch) {
  const today = ctx.clock.today();
  const on = touch.on ?? today;
  if (on > today) throw invalid('A touch can be logged once it has been made, not before.', 'on');
  assertOutcome(touch);
  if (touch.followUp && touch.followUp.on <= today)
    throw invalid('A follow-up needs a day after today.', 'followUp');
  const sphere = await sphereNow(ctx);
  return act(ctx, (tx) => logTouchIn(ctx, tx, sphere, { ...touch, on }));
}

/**
 * Logs a touch within a transaction of an action.
 * @throws Refusal before anything is written, where it can't be logged
 */
export async function logTouchIn(ctx: Context, tx: Sql, sphere: Sphere, touch: Dated) {
  const { name } = await findOrRefuse(tx, touch.personId);
  await assertOpen(tx, sphere, touch);
  const touchId = touch.id ?? newId(ctx.clock.nowMs());
  await queries.insertTouches(tx, [
    {
      id: touchId,
      person_id: touch.personId,
      on_day: touch.on,
      logged_at: ctx.clock.now(),
      kind: touch.kind,
      outcome: touch.outcome,
      hold: holdOf(touch.kind, touch.outcome, sphere.options.holds),
    },
  ]);
  if (touch.note?.trim()) await insertNotes(tx, [toNote(touch.personId, touch.on, touch.note)]);
  await settlePlanned(ctx, tx, sphere, touch, touchId);
  await learn(tx, touch.personId, { tags: touch.tags ?? [], date: touch.date ?? null });
  await planGreeting(ctx, tx, sphere, touch, touchId);
  return {
    touchId,
    sentence: `${name}: ${KIND_WORDS[touch.kind].noun}, ${OUTCOME_WORDS[touch.outcome].toLowerCase()}`,
    plan: [touch.personId],
    topics: [
      'touches',
      'enrolments',
      ...(touch.note ? (['notes'] as const) : []),
      ...(touch.tags?.length || touch.date ? (['people'] as const) : []),
    ],
  } satisfies Acted & { touchId: string };
}

/** Refuses to log what is planned for another person or was made already. */
async function assertOpen(tx: Sql, sphere: Sphere, { itemKey, personId }: Dated): Promise<void> {
  if (!itemKey) return;
  const planned = sphere.plan.touches.find(({ item }) => item.key === itemKey);
  if (planned && planned.item.personId !== personId)
    throw invalid('This touch is planned for someone else.', 'itemKey');
  const before = await queries.findMark(tx, itemKey);
  if (before && before.person_id !== personId)
    throw invalid('This touch was planned for someone else.', 'itemKey');
  if (before?.fate === 'made') throw conflict('This was logged already.');
}

/** What of the plan the touch makes needless or puts off, and the follow-up that was asked for. */
async function settlePlanned(
  ctx: Context,
  tx: Sql,
  sphere: Sphere,
  touch: Dated,
  touchId: string,
): Promise<void> {
  const { followUp } = touch;
  const item = itemSettledBy(sphere, touch, touch.on);
  const made = completes(touch.outcome);
  if (item && made) await settle(ctx, tx, sphere, item, 'made', touchId, toDayNumber(touch.on));
  // The planned touch itself is the follow-up: its day, its way, what it is about.
  else if (item)
    await putBack(ctx, tx, sphere, item, backOn(touch, ctx.clock.today()), whyBack(touch), {
      kind: followUp?.kind ?? null,
      about: followUp?.words ?? '',
    });
  if (followUp && (made || !item))
    await queries.insertFollowUp(tx, {
      id: newId(),
      person_id: touch.personId,
      on_day: followUp.on,
      kind: followUp.kind,
      words: followUp.words,
      touch_id: touchId,
    });
}

/** A date that was learnt may be greeted when it comes. */
async function planGreeting(
  ctx: Context,
  tx: Sql,
  sphere: Sphere,
  { date, personId }: Dated,
  touchId: string,
): Promise<void> {
  if (!date?.greet) return;
  await queries.insertFollowUp(tx, {
    id: newId(),
    person_id: personId,
    on_day: nextComing(date.on, ctx.clock.today(), sphere.settings.leapDay),
    kind: date.greet,
    words: `a word on: ${date.name}`,
    touch_id: touchId,
  });
}

/** The day on which a date learnt comes next, after today; 'MM-DD' or 'YYYY-MM-DD'. */
function nextComing(on: string, today: PlainDate, leapDay: LeapDayRule): PlainDate {
  if (on.length === 10 && on > today) return on as PlainDate;
  const [month, day] = on.slice(-5).split('-').map(Number) as [number, number];
  const year = Number(today.slice(0, 4));
  const next = yearlyOn({ month, day }, year, leapDay);
  return next > today ? next : yearlyOn({ month, day }, year + 1, leapDay);
}

export function assertOutcome({ kind, outcome }: Pick<LogTouch, 'kind' | 'outcome'>): void {
  if (!outcomesOf(kind).includes(outcome))
    throw invalid(
      `“${OUTCOME_WORDS[outcome]}” does not go with a ${KIND_WORDS[kind].noun}.`,
      'outcome',
    );
}

const backOn = (touch: LogTouch, today: PlainDate): PlainDate =>
  touch.followUp?.on ?? addDays(today, COMES_BACK_AFTER[touch.outcome] ?? 1);

/** A day that the owner chose is the reason; else how it ended is. */
const whyBack = ({ followUp, outcome }: LogTouch): PutOffWhy =>
  followUp ? 'asked' : outcome === 'no_answer' ? 'no_answer' : 'not_now';

/** The item named, or else what of this person is on the desk today: any touch made keeps it. */
function itemSettledBy(sphere: Sphere, touch: LogTouch, on: PlainDate): PlannedTouch | undefined {
  const planned = sphere.byPerson.get(touch.personId) ?? [];
  const { itemKey } = touch;
  if (itemKey) return planned.find(({ item }) => item.key === itemKey);
  if (!completes(touch.outcome)) return undefined;
  const hold = holdOf(touch.kind, touch.outcome, sphere.options.holds);
  return planned.find(
    ({ item, day }) =>
      yields(item) &&
      day === sphere.options.today &&
      item.hold <= hold &&
      toDayNumber(on) >= item.earliest,
  );
}
