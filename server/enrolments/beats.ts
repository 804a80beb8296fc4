import {
  BEAT,
  beatOf,
  beatReason,
  beatSource,
  enrolmentsIn,
  type PlanEnrolment,
} from '@/core/enrolments';
import { need } from '@/core/need';
import type { PlanItem } from '@/core/planner';
import { fill } from '@/core/templates';
import { toPlainDate } from '@/core/time';

import { readCadences, yearlyDates, type StoredCadence } from '../cadences';
import type { Context } from '../context';
import type { Sql } from '../db';
import { groupBy, type Settled, type Sphere, type TouchSource } from '../planner';
import { noteSaid, readCopy, type Said, type ResolvedCopy } from '../templates';
import { advanceEnrolment } from './ending';
import * as queries from './plan-queries';

/** What the words and reasons of beats are said from: the cadences by id, and what templates say. */
export interface BeatLookup {
  cadences: ReadonlyMap<string, StoredCadence>;
  words: ResolvedCopy;
}

/** The cadences that a sphere was planned with. */
export const cadencesIn = (sphere: Sphere): BeatLookup['cadences'] =>
  (sphere.lookups.get(BEAT) as BeatLookup).cadences;

/** Beats of the cadences that people are on. */
export const beats: TouchSource<BeatLookup> = {
  core: beatSource,
  async read({ db: sql }, ids, { leapDay }, before) {
    const enrolments = await queries.planEnrolments(sql, ids);
    // One that was built since is not among those held before.
    const known = before && enrolments.every((e) => before.cadences.has(e.cadence_id));
    const cadences = known
      ? before.cadences
      : new Map((await readCadences(sql)).map((c) => [c.id, c]));
    const said = await readCopy(
      sql,
      [...cadences.values()].flatMap((cadence) => cadence.beats),
      ids,
    );
    const words = before ? before.words.with(said) : said;
    const dates = new Map(
      (await queries.planDates(sql, ids)).map((d) => [d.person_id, yearlyDates(d)]),
    );
    const settled = groupBy(
      await queries.planSettled(sql, ids),
      ({ enrolment_id }) => enrolment_id,
    );
    const enrolmentOf = (e: queries.EnrolmentRow): PlanEnrolment => {
      const marks = settled.get(e.id);
      return {
        id: e.id,
        cadence: need(cadences.get(e.cadence_id)),
        run: {
          start: e.anchor_on,
          ...(e.anchor_round > 0 ? { round: e.anchor_round } : {}),
          ...(dates.has(e.person_id) ? { dates: need(dates.get(e.person_id)), leapDay } : {}),
        },
        settledUntil: e.settled_until,
        ...(e.skipped_until === null ? {} : { skippedUntil: e.skipped_until }),
        ...(marks ? { settled: new Set(marks.map(({ touch }) => touch)) } : {}),
      };
    };
    const byPerson = groupBy(enrolments, ({ person_id }) => person_id);
    return {
      asks: new Map([...byPerson].map(([id, mine]) => [id, mine.map(enrolmentOf)])),
      lookup: { cadences, words },
    };
  },
  why: ({ item }, { cadences }) => beatReason(item, cadences.get(item.group ?? '')?.name ?? null),
  words({ item }, lookup, values) {
    const words = saidBy(lookup, item)?.words ?? '';
    const filled = fill(words, values);
    return filled.ok ? filled.text : words;
  },
  template: ({ item }, lookup) => saidBy(lookup, item)?.template ?? null,
  groupName: ({ item }, { cadences }) => cadences.get(item.group ?? '')?.name ?? '',
  marks: (item) => ({
    enrolmentId: need(beatOf(item)).enrolmentId,
    plannedOn: toPlainDate(item.nominal),
  }),
  async settled(ctx, tx, settled) {
    if (settled.made) await noteWording(ctx, tx, settled);
    await advanceEnrolment(tx, settled);
  },
};

/** What a beat says, with merge fields. */
function saidBy({ cadences, words }: BeatLookup, item: PlanItem): Said | null {
  const { cadenceId, beatId, round } = need(beatOf(item));
  const beat = cadences.get(cadenceId)?.beats.find(({ id }) => id === beatId);
  return beat ? words.of(beat, round, item.personId) : null;
}

/** Notes which wording of a template somebody has now had. */
async function noteWording(ctx: Context, tx: Sql, { touch, person }: Settled): Promise<void> {
  const { cadenceId, beatId, round } = need(beatOf(touch.item));
  const beat = enrolmentsIn(person)
    .find(({ cadence }) => cadence.id === cadenceId)
    ?.cadence.beats.find(({ id }) => id === beatId);
  if (beat) await noteSaid(tx, beat, { round, personId: person.id, at: ctx.clock.now() });
}
