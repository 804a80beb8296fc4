import type { LogTouch } from '@/contract/touches';
import { moveToWorkingDay } from '@/core/calendar';
import { KEEPER, roomiestDay, yields, type PlannedTouch, type PutOffWhy } from '@/core/planner';
import {
  addDays,
  spokenDate,
  toDayNumber,
  toPlainDate,
  plural,
  yearlyOn,
  type DayNumber,
  type LeapDayRule,
  type PlainDate,
} from '@/core/time';
import {
  completes,
  holdOf,
  holdsOf,
  kindSetups,
  KIND_WORDS,
  OUTCOME_WORDS,
  outcomesOf,
  type Outcome,
  type TouchKind,
} from '@/core/touches';

import { act, actOnMany, type Acted } from '../act';
import type { Context } from '../context';
import { newId, type Sql } from '../db';
import { conflict, invalid, notFound } from '../api';
import { findOrRefuse, insertNotes, learn, toNote } from '../people';
import { markedWith, settleAtSource, sphereNow, type Sphere } from '../planner';
import { readSettings } from '../settings';
import * as queries from './queries';

/** Days until a planned touch comes back when it did not come about. */
const COMES_BACK_AFTER: Partial<Record<Outcome, number>> = { no_answer: 2, not_now: 7 };

/** Logs a touch; settles what it makes needless, and puts off what did not come about. */
export async function logTouch(ctx: Context, touch: LogTouch) {
  const today = ctx.clock.today();
  const on = touch.on ?? today;
  if (on > today) throw invalid('A touch can be logged once it has been made, not before.', 'on');
  assertOutcome(touch);
  const { followUp } = touch;
  if (followUp && followUp.on <= today)
    throw invalid('A follow-up needs a day after today.', 'followUp');
  const sphere = await sphereNow(ctx);
  const holds = sphere.options.holds;
  const touchId = newId(ctx.clock.nowMs());
  const work = async (tx: Sql) => {
    const { name } = await findOrRefuse(tx, touch.personId);
    const planned = sphere.plan.touches.find(({ item }) => item.key === touch.itemKey);
    if (planned && planned.item.personId !== touch.personId)
      throw invalid('This touch is planned for somebody else.', 'itemKey');
    const before = touch.itemKey ? await queries.findMark(tx, touch.itemKey) : null;
    if (before && before.person_id !== touch.personId)
      throw invalid('This touch was planned for somebody else.', 'itemKey');
    if (before?.fate === 'made') throw conflict('This was logged already.');
    await queries.insertTouches(tx, [
      {
        id: touchId,
        person_id: touch.personId,
        on_day: on,
        logged_at: ctx.clock.now(),
        kind: touch.kind,
        outcome: touch.outcome,
        hold: holdOf(touch.kind, touch.outcome, holds),
      },
    ]);
    if (touch.note?.trim()) await insertNotes(tx, [toNote(touch.personId, on, touch.note)]);
    const item = itemSettledBy(sphere, touch, on);
    const made = completes(touch.outcome);
    if (item && made) await settle(ctx, tx, sphere, item, 'made', touchId, toDayNumber(on));
    // The planned touch itself is the follow-up: its day, its way, what it is about.
    else if (item)
      await putBack(ctx, tx, sphere, item, backOn(touch, today), whyBack(touch), {
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
    await learn(tx, touch.personId, { tags: touch.tags ?? [], date: touch.date ?? null });
    const greeting = touch.date?.greet && nextComing(touch.date.on, today, sphere.settings.leapDay);
    if (greeting)
      await queries.insertFollowUp(tx, {
        id: newId(),
        person_id: touch.personId,
        on_day: greeting,
        kind: touch.date!.greet!,
        words: `a word on: ${touch.date!.name}`,
        touch_id: touchId,
      });
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
  };
  return act(ctx, work);
}

/** The day on which a date learnt comes next, after today; 'MM-DD' or 'YYYY-MM-DD'. */
function nextComing(on: string, today: PlainDate, leapDay: LeapDayRule): PlainDate {
  if (on.length === 10 && on > today) return on as PlainDate;
  const [month, day] = on.slice(-5).split('-').map(Number) as [number, number];
  const year = Number(today.slice(0, 4));
  const next = yearlyOn({ month, day }, year, leapDay);
  return next > today ? next : yearlyOn({ month, day }, year + 1, leapDay);
}

function assertOutcome({ kind, outcome }: Pick<LogTouch, 'kind' | 'outcome'>): void {
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

export function mark(
  ctx: Context,
  { item }: PlannedTouch,
  rest: Pick<queries.MarkRecord, 'fate'> & Partial<queries.MarkRecord>,
): queries.MarkRecord {
  const { enrolmentId, plannedOn } = markedWith(ctx, item);
  return {
    id: item.key,
    person_id: item.personId,
    enrolment_id: enrolmentId,
    planned_on: plannedOn,
    until: null,
    touch_id: null,
    kind: null,
    why: null,
    about: '',
    ...rest,
  };
}

async function settle(
  ctx: Context,
  tx: Sql,
  sphere: Sphere,
  item: PlannedTouch,
  fate: 'made' | 'skipped',
  touchId: string | null,
  on: DayNumber,
): Promise<void> {
  await queries.upsertMark(tx, mark(ctx, item, { fate, touch_id: touchId }));
  await settleAtSource(ctx, sphere, tx, item, { on, made: fate === 'made', touchId });
}

async function putBack(
  ctx: Context,
  tx: Sql,
  sphere: Sphere,
  item: PlannedTouch,
  until: PlainDate,
  why: PutOffWhy,
  asked: Pick<queries.MarkRecord, 'kind' | 'about'> = { kind: null, about: '' },
): Promise<PlainDate> {
  const day = toPlainDate(moveToWorkingDay(toDayNumber(until), 'next', sphere.options.calendar));
  await queries.upsertMark(tx, mark(ctx, item, { fate: 'put_off', until: day, why, ...asked }));
  return day;
}

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
