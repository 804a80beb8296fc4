import { BEAT, beatOf, beatReason, beatSource, type PlanEnrolment } from '@/core/enrolments';
import { fill, wordingOf } from '@/core/templates';
import { toPlainDate } from '@/core/time';

import { readCadences, yearlyDates, type StoredCadence } from '../cadences';
import { groupBy, type Sphere, type TouchSource } from '../planner';
import { goOn } from './ending';
import * as queries from './plan-queries';

/** The cadences, by id: what the words and reasons of beats are said from. */
export type BeatsHeld = ReadonlyMap<string, StoredCadence>;

/** The cadences that a sphere was planned with. */
export const cadencesIn = (sphere: Sphere): BeatsHeld => sphere.held.get(BEAT) as BeatsHeld;

/** Beats of the cadences that people are on. */
export const beats: TouchSource<BeatsHeld> = {
  core: beatSource,
  async read(sql, ids, { leapDay }, before) {
    const enrolments = await queries.planEnrolments(sql, ids);
    // One that was built since is not among those held before.
    const known = before && enrolments.every((e) => before.has(e.cadence_id));
    const cadences = known ? before : new Map((await readCadences(sql)).map((c) => [c.id, c]));
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
        cadence: cadences.get(e.cadence_id)!,
        run: {
          start: e.anchor_on,
          ...(e.anchor_round > 0 ? { round: e.anchor_round } : {}),
          ...(dates.has(e.person_id) ? { dates: dates.get(e.person_id)!, leapDay } : {}),
        },
        settledUntil: e.settled_until,
        ...(e.skipped_until === null ? {} : { skippedUntil: e.skipped_until }),
        ...(marks ? { settled: new Set(marks.map(({ touch }) => touch)) } : {}),
      };
    };
    const byPerson = groupBy(enrolments, ({ person_id }) => person_id);
    return {
      asks: new Map([...byPerson].map(([id, mine]) => [id, mine.map(enrolmentOf)])),
      held: cadences,
    };
  },
  why: ({ item }, cadences) => beatReason(item, cadences.get(item.group!)?.name ?? null),
  words({ item }, cadences, values) {
    const { cadenceId, beatId, round } = beatOf(item)!;
    const beat = cadences.get(cadenceId)?.beats.find(({ id }) => id === beatId);
    if (!beat) return '';
    const words = wordingOf(beat.wordings, round, item.personId);
    const filled = fill(words, values);
    return filled.ok ? filled.text : words;
  },
  groupName: ({ item }, cadences) => cadences.get(item.group!)?.name ?? '',
  marks: (item) => ({
    enrolmentId: beatOf(item)!.enrolmentId,
    plannedOn: toPlainDate(item.nominal),
  }),
  settled: (_, tx, settled) => goOn(tx, settled),
};
