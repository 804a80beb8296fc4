import {
  enrolmentsIn,
  isOver,
  passedBeats,
  type Passing,
  type PlanEnrolment,
} from '@/core/enrolments';
import type { ItemContext, PlanPerson } from '@/core/planner';
import { faultSentence, fill, wordingOf } from '@/core/templates';
import { plural, toDayNumber, toPlainDate, type DayNumber, type PlainDate } from '@/core/time';

import type { Context } from '../context';
import { newId, refreshStatistics, type Sql } from '../db';
import { ensureBatches, isChannel, queueDeliveries, type DeliveryRequest } from '../delivery';
import { ERRANDS } from '../errands';
import { sphereNow } from '../planner';
import { readMemo, writeMemo } from '../settings';
import type { Recurring } from '../tasks';
import { readMergeValues, readCopy } from '../templates';
import { finish } from './ending';
import { settleFeeds } from './feed';
import * as queries from './queries';
import { settleRotas } from './rota';

/** An errand that has come due. */
interface Due extends Passing {
  cadence: PlanEnrolment['cadence'];
}

/** What a new day does by itself for one person. */
interface Turn {
  marks: queries.PassedMark[];
  errands: Due[];
  /** What goes out by itself and has come due. */
  sendings: Due[];
  over: PlanEnrolment[];
}

/** What a new day does for somebody. */
interface Theirs {
  personId: string;
  turn: Turn;
}

const LAST_ROUND = 'last-daily-round';
/** People whose day is written together, where no errand is run. */
const ENROLMENTS_PER_STEP = 100;
/** So many at once change what the database knows of its tables. */
const MANY = 1_000;
/** What was enrolled after the last round is looked for this much earlier. */
const LOOK_BACK_DAYS = 7;

/**
 * What a new day does by itself: takes people into rotas and cadences fed by a view, notes beats
 * that were overtaken undone and those that go out on their own, runs errands, ends cadences whose
 * last round is over, and hands over. Each is keyed by enrolment, beat and round, so that a second
 * run finds nothing to do. Many people are one transaction, but each whose errands are run is one of
 * its own; what goes wrong with one stops nobody else, and is done at the next round. It is the
 * calendar's doing, not the owner's, and is not undone.
 */
export const dailyRound: Recurring = {
  name: 'daily-round',
  afterWrites: true,
  async run(ctx) {
    await settleRotas(ctx, 'everybody');
    await settleFeeds(ctx);
    const sphere = await sphereNow(ctx);
    const { today, calendar, holds, putOffs } = sphere.options;
    const context = { today, until: today, calendar, holds, putOffs };
    const last = await readMemo<PlainDate>(ctx.db, LAST_ROUND);
    const since = (last ? Math.min(today, toDayNumber(last)) : -Infinity) - LOOK_BACK_DAYS;
    const changed: string[] = [];
    const failed: string[] = [];
    const one = async ({ personId, turn }: Theirs) => {
      try {
        if (await ctx.db.transaction((tx) => take(ctx, tx, personId, turn, today)))
          changed.push(personId);
      } catch (err) {
        ctx.log.error({ err, person: personId }, 'the daily round failed for one person');
        failed.push(personId);
      }
    };
    const many = async (some: readonly Theirs[]) => {
      try {
        changed.push(...(await ctx.db.transaction((tx) => takeMany(ctx, tx, some, today))));
      } catch {
        // One of them fails: then each for themselves, so that the others do not.
        for (const theirs of some) await one(theirs);
      }
    };
    const together: Theirs[] = [];
    for (const person of sphere.people) {
      const theirs = { personId: person.id, turn: turnOf(person, context, since) };
      const { marks, errands, over } = theirs.turn;
      if (marks.length + over.length === 0) continue;
      if (errands.length > 0) await one(theirs);
      else together.push(theirs);
      if (together.length === ENROLMENTS_PER_STEP) await many(together.splice(0));
    }
    await many(together);
    ctx.writes.markStale(changed);
    if (failed.length > 0)
      throw new Error(
        `it could not be done for ${plural(failed.length, 'person', 'people')} of ${sphere.people.length}`,
      );
    // What it wrote is listed at once, and a database that knows nothing of it yet takes seconds.
    if (changed.length > MANY) await refreshStatistics(ctx.db);
    await writeMemo(ctx.db, LAST_ROUND, ctx.clock.today());
    return `Done for ${plural(changed.length, 'person', 'people')}`;
  },
};

function turnOf(person: PlanPerson, context: ItemContext, since: DayNumber): Turn {
  const turn: Turn = { marks: [], errands: [], sendings: [], over: [] };
  for (const enrolment of enrolmentsIn(person)) {
    let { settledUntil } = enrolment;
    for (const passing of passedBeats(enrolment, context, since)) {
      const { key, nominal, fate, why = null } = passing;
      turn.marks.push({
        id: key,
        person_id: person.id,
        fate,
        enrolment_id: enrolment.id,
        planned_on: toPlainDate(nominal),
        why,
      });
      if (fate === 'ran') turn.errands.push({ ...passing, cadence: enrolment.cadence });
      if (fate === 'waiting') turn.sendings.push({ ...passing, cadence: enrolment.cadence });
      if (fate === 'passed') settledUntil = Math.max(nominal, settledUntil ?? nominal);
    }
    if (isOver(enrolment, settledUntil, context.today, context)) turn.over.push(enrolment);
  }
  return turn;
}

/** Writes what a day did for one person; answers whether anything was new. */
async function take(
  ctx: Context,
  tx: Sql,
  personId: string,
  { marks, errands, sendings, over }: Turn,
  today: DayNumber,
): Promise<boolean> {
  const fresh = new Set((await queries.insertPassed(tx, marks)).map(({ id }) => id));
  for (const errand of errands) if (fresh.has(errand.key)) await run(ctx, tx, personId, errand);
  await send(ctx, tx, fresh, [{ personId, sendings }]);
  await finish(
    tx,
    over.map((enrolment) => ({ personId, enrolment })),
    today,
  );
  return fresh.size > 0 || over.length > 0;
}

/** The same for several who have no errand to be run; answers for whom anything was new. */
async function takeMany(
  ctx: Context,
  tx: Sql,
  some: readonly Theirs[],
  today: DayNumber,
): Promise<string[]> {
  if (some.length === 0) return [];
  const marks = some.flatMap(({ turn }) => turn.marks);
  const fresh = new Set((await queries.insertPassed(tx, marks)).map(({ id }) => id));
  await send(
    ctx,
    tx,
    fresh,
    some.map(({ personId, turn: { sendings } }) => ({ personId, sendings })),
  );
  await finish(
    tx,
    some.flatMap(({ personId, turn: { over } }) =>
      over.map((enrolment) => ({ personId, enrolment })),
    ),
    today,
  );
  return some
    .filter(({ turn }) => turn.over.length > 0 || turn.marks.some(({ id }) => fresh.has(id)))
    .map(({ personId }) => personId);
}

/** Queues what is new and has a channel; what has none yet waits as it is marked. */
async function send(
  ctx: Context,
  tx: Sql,
  fresh: ReadonlySet<string>,
  theirs: readonly { personId: string; sendings: readonly Due[] }[],
): Promise<void> {
  const dues = theirs.flatMap(({ personId, sendings }) =>
    sendings
      .filter(({ key, beat }) => fresh.has(key) && isChannel(ctx, beat.kind))
      .map((due) => ({ ...due, personId })),
  );
  if (dues.length === 0) return;
  const words = await readCopy(
    tx,
    dues.map(({ beat }) => beat),
    [...new Set(dues.map(({ personId }) => personId))],
  );
  const batches = await ensureBatches(
    tx,
    dues.map(({ beat, cadence, nominal }) => ({
      id: newId(ctx.clock.nowMs()),
      key: batchKey(beat.id, nominal),
      label: cadence.name,
      channel: beat.kind,
      made_at: ctx.clock.now(),
    })),
  );
  const requests = dues.map(
    ({ personId, beat, key, round, cadence, nominal }): DeliveryRequest => ({
      ...words.take(beat, round, personId),
      key,
      batchId: batches.get(batchKey(beat.id, nominal)) ?? null,
      personId,
      channel: beat.kind,
      cadence: cadence.name,
      beatId: beat.id,
      itemKey: '',
      automatic: true,
      on: toPlainDate(nominal),
    }),
  );
  await queueDeliveries(ctx, tx, requests);
}

/** What one beat brings on one day goes together. */
const batchKey = (beatId: string, nominal: DayNumber) => `beat:${beatId}:${toPlainDate(nominal)}`;

/** Has an errand run by the subject that knows how. */
async function run(ctx: Context, tx: Sql, personId: string, due: Due): Promise<void> {
  const { beat, key, cadence, nominal } = due;
  const { errand } = beat;
  if (!errand) return;
  const runner = ctx.house.of(ERRANDS).find(({ to }) => to === errand.to);
  if (!runner) throw new Error(`No subject runs errands to a ${errand.to}.`);
  await runner.run(ctx, tx, {
    personId,
    key,
    errand,
    cadence: cadence.name,
    on: toPlainDate(nominal),
    words: () => wordsOf(ctx, tx, personId, due),
  });
}

async function wordsOf(ctx: Context, tx: Sql, personId: string, { beat, round, cadence }: Due) {
  const [person] = await queries.enrolCandidates(tx, [personId], cadence.id);
  const values = (await readMergeValues(ctx, tx, [personId])).get(personId);
  if (!person || !values) return null;
  const written = wordingOf(beat.wordings, round, personId);
  const filled = fill(written, { ...values, cadence: cadence.name });
  if (filled.ok) return { text: filled.text, fault: null };
  const [fault] = filled.faults;
  return { text: written, fault: fault ? faultSentence(fault) : null };
}
