import type { CallOutput } from '@/contract/endpoint';
import type { previewEnrolment } from '@/contract/enrolments';
import type { Who } from '@/contract/filters';
import {
  datedBeats,
  faultOf,
  lackingFor,
  type Beat,
  type Cadence,
  type Run,
} from '@/core/cadences';
import { need } from '@/core/need';
import { CHANNELS } from '@/core/people';
import { startDays, withJoining } from '@/core/enrolments';
import { faultSentence, fill, missingIn, wordingOf, type MergeValues } from '@/core/templates';
import { plural, toDayNumber, toPlainDate, type PlainDate } from '@/core/time';

import { actOnMany } from '../act';
import { findOrRefuseCadence, yearlyDates } from '../cadences';
import type { Context } from '../context';
import { newId } from '../db';
import { invalid } from '../api';
import { resolveSelection } from '../people';
import { sphereNow, type Sphere } from '../planner';
import { readMergeValues } from '../templates';
import { cadencesIn, type BeatLookup } from './beats';
import { compareLoad } from './load';
import { letterWeeks } from './rota';
import * as queries from './queries';

export interface EnrolRequest {
  cadenceId: string;
  who: Who;
  startOn: PlainDate;
  perDay: number | null;
  leaveOut: readonly string[];
  leaveOutLacking: boolean;
}

/** Those who would join, in the order asked for, each with the day on which they begin. */
async function joiningOf(ctx: Context, request: EnrolRequest) {
  const cadence = await findOrRefuseCadence(ctx, request.cadenceId);
  const fault = faultOf(cadence);
  if (fault) throw invalid(fault, 'cadenceId');
  if (request.startOn < ctx.clock.today())
    throw invalid(
      'A start in the past would begin with touches already missed. Start today or later.',
      'startOn',
    );
  const sphere = await sphereNow(ctx);
  const ids = await resolveSelection(ctx, request.who);
  const people = await queries.enrolCandidates(ctx.db, ids, cadence.id);
  const out = new Set(request.leaveOut);
  const asked = people.filter((person) => !person.already_on);
  const values = await readMergeValues(
    ctx,
    ctx.db,
    asked.map(({ id }) => id),
  );
  const lacking = lackingOf(asked, cadence, values, sphere.settings.autoNeedsYes);
  if (request.leaveOutLacking) for (const { id } of lacking) out.add(id);
  const joining = asked.filter(({ id }) => !out.has(id));
  const byLetter = cadence.rota ? await letterWeeks(ctx, cadence.id, joining) : null;
  const phased = startDays(
    joining.length,
    toDayNumber(request.startOn),
    request.perDay,
    sphere.options.calendar,
  );
  const runs = new Map(
    joining.map((person, i): [string, Run] => [
      person.id,
      {
        start: byLetter?.get(person.id) ?? need(phased[i]),
        dates: yearlyDates(person),
        leapDay: sphere.settings.leapDay,
      },
    ]),
  );
  return {
    values,
    cadence,
    sphere,
    asked,
    joining,
    lacking,
    runs,
    alreadyOn: people.length - asked.length,
  };
}

const CANDIDATES_SHOWN = 50;
const LACKING_SHOWN = 500;
const TOUCHES_SHOWN = 24;

/** Dated touches of a real person, who lacks what, and the load before and after; writes nothing. */
export async function previewEnrol(
  ctx: Context,
  request: EnrolRequest & { samplePersonId: string | null },
): Promise<CallOutput<typeof previewEnrolment>> {
  const { cadence, sphere, values, asked, joining, lacking, runs, alreadyOn } = await joiningOf(
    ctx,
    request,
  );
  const starts = new Map([...runs].map(([id, run]) => [id, { run }]));
  const then = withJoining(sphere.people, cadence, starts);
  const sample = joining.find(({ id }) => id === request.samplePersonId) ?? joining[0] ?? null;
  const last = Math.max(...[...runs.values()].map(({ start }) => start));
  return {
    people: asked.length,
    alreadyOn,
    lastStart: joining.length > 0 ? toPlainDate(last) : null,
    sample: sample && {
      id: sample.id,
      name: sample.name,
      touches: sampleTouches(sphere, cadence, sample, need(runs.get(sample.id)), values),
    },
    candidates: joining.slice(0, CANDIDATES_SHOWN).map(({ id, name }) => ({ id, name })),
    lacking: lacking.slice(0, LACKING_SHOWN),
    lackingCount: lacking.length,
    ...(await compareLoad(ctx, sphere, then, cadence.id)).load,
  };
}

/** Who lacks something that a beat needs, in words with what would mend it. */
function lackingOf(
  people: readonly queries.EnrolCandidate[],
  cadence: Pick<Cadence, 'beats'>,
  values: ReadonlyMap<string, MergeValues>,
  needsYes: boolean,
) {
  const lacking = lackingFor(cadence.beats, missingIn);
  return people.flatMap((person) => {
    const found = lacking({
      has: {
        phone: person.phone !== '',
        email: person.email !== '',
        address: person.address_line !== '',
      },
      refused: CHANNELS.filter((channel) => person.consent[channel]?.answer === 'no'),
      unasked: CHANNELS.filter((channel) => needsYes && !person.consent[channel]),
      dates: yearlyDates(person),
      values: need(values.get(person.id)),
    });
    return found.lacks.length > 0 ? [{ id: person.id, name: person.name, ...found }] : [];
  });
}

function sampleTouches(
  sphere: Sphere,
  cadence: Cadence,
  person: queries.EnrolCandidate,
  run: Run,
  values: ReadonlyMap<string, MergeValues>,
) {
  const span = { from: run.start, to: run.start + 3 * 366 };
  const cadences = cadencesIn(sphere);
  return datedBeats(cadence, run, span, sphere.options.calendar)
    .slice(0, TOUCHES_SHOWN)
    .map(({ beat, round, day }) => {
      const words = errandWords(cadences, beat) + wordingOf(beat.wordings, round, person.id);
      const filled = fill(words, { ...values.get(person.id), cadence: cadence.name });
      return {
        on: toPlainDate(day),
        kind: beat.kind,
        round,
        words: filled.ok ? filled.text : words,
        fault: filled.ok ? null : faultSentence(need(filled.faults[0])),
      };
    });
}

/** What a beat that is no touch does. */
function errandWords(cadences: BeatLookup['cadences'], { errand }: Beat): string {
  if (!errand) return '';
  if (errand.to === 'service') return 'Tells a service: ';
  return `Begins ${cadences.get(errand.cadenceId)?.name ?? 'another cadence'}`;
}

export async function enrol(ctx: Context, request: EnrolRequest) {
  const { cadence, joining, runs, alreadyOn } = await joiningOf(ctx, request);
  if (joining.length === 0) throw invalid('Nobody is left to enrol.', 'who');
  const people = plural(joining.length, 'person', 'people');
  return actOnMany(
    ctx,
    `Enrolling ${people}`,
    joining,
    async (tx, some) => {
      await queries.insertEnrolments(
        tx,
        some.map(({ id }) => ({
          id: newId(),
          person_id: id,
          cadence_id: cadence.id,
          start_on: toPlainDate(need(runs.get(id)).start),
        })),
      );
    },
    () => ({
      people: joining.length,
      alreadyOn,
      sentence: `Enrolled ${people} in ${cadence.name}`,
      plan: joining.map(({ id }) => id),
      topics: ['enrolments'],
    }),
  );
}
