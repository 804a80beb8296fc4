import type { CadenceDraft } from '@/contract/cadences';
import type { Who } from '@/contract/filters';
import {
  datedBeats,
  faultSentence,
  fillWords,
  findFault,
  inOrder,
  ownFieldName,
  type Cadence,
} from '@/core/cadences';
import { ownValueText } from '@/core/intake';
import type { OwnField } from '@/core/people';
import { firstSlips, plan, weeklyLoad, type Plan } from '@/core/planner';
import { plural, toDayNumber, toPlainDate, type PlainDate } from '@/core/time';
import { channelOf, needsOf } from '@/core/touches';

import { act, type Context } from '../context';
import { newId } from '../db';
import { conflict, invalid, notFound } from '../http/errors';
import { readOwnFields } from '../lists';
import { idsOf } from '../people';
import { sphereNow, type Sphere } from '../planner';
import * as q from './queries';

const toCadence = (draft: CadenceDraft, id: string): Cadence => ({
  id,
  name: draft.name,
  beats: inOrder(draft.beats),
  rounds: draft.rounds,
  gapDays: draft.gapDays,
});

async function assertRuns(ctx: Context, draft: CadenceDraft): Promise<void> {
  const fault = findFault(draft);
  if (fault) throw invalid(faultSentence(fault), 'beats');
  const own = await readOwnFields(ctx.db);
  const known = Object.fromEntries(own.map(({ name }) => [ownFieldName(name), null]));
  for (const beat of draft.beats) {
    const filled = fillWords(beat.words, known);
    if (!filled.ok && filled.reason === 'unknown_field')
      throw invalid(`There is no field {{ ${filled.field} }} to fill in.`, 'beats');
  }
}

export async function create(ctx: Context, draft: CadenceDraft) {
  await assertRuns(ctx, draft);
  const cadence = toCadence(draft, newId(ctx.clock.nowMs()));
  return act(ctx, async (tx) => {
    await q.insertCadence(tx, cadence);
    await q.writeBeats(tx, cadence);
    return { id: cadence.id, sentence: `Saved the cadence ${cadence.name}` };
  });
}

export async function save(ctx: Context, id: string, draft: CadenceDraft & { version: number }) {
  await assertRuns(ctx, draft);
  const cadence = toCadence(draft, id);
  return act(ctx, async (tx) => {
    if (!(await q.findCadence(tx, id))) throw notFound('There is no such cadence.');
    if (!(await q.updateCadence(tx, cadence, draft.version)))
      throw conflict(
        'This cadence was changed in another window meanwhile. What you see now is the newer version; make your change on it.',
      );
    await q.writeBeats(tx, cadence);
    return { sentence: `Saved the cadence ${cadence.name}` };
  });
}

export async function find(ctx: Context, id: string) {
  const cadence = await q.findCadence(ctx.db, id);
  if (!cadence) throw notFound('There is no such cadence.');
  return cadence;
}

interface EnrolRequest {
  cadenceId: string;
  who: Who;
  startOn: PlainDate;
}

async function candidates(ctx: Context, request: EnrolRequest) {
  const cadence = await find(ctx, request.cadenceId);
  const fault = findFault(cadence);
  if (fault) throw invalid(faultSentence(fault), 'cadenceId');
  if (request.startOn < ctx.clock.today())
    throw invalid(
      'A start in the past would begin with touches already missed. Start today or later.',
      'startOn',
    );
  const ids = await idsOf(ctx.db, request.who, ctx.clock.today());
  return { cadence, people: await q.enrolCandidates(ctx.db, ids, cadence.id) };
}

const CANDIDATES_SHOWN = 50;
const LACKING_SHOWN = 500;
const TOUCHES_SHOWN = 12;

/** Dated touches of a real person, who lacks what, and the load before and after; writes nothing. */
export async function previewEnrolment(
  ctx: Context,
  request: EnrolRequest & { samplePersonId: string | null },
) {
  const { cadence, people } = await candidates(ctx, request);
  const fresh = people.filter((person) => !person.already_on);
  const sphere = await sphereNow(ctx);
  const after = planWith(
    sphere,
    cadence,
    fresh.map(({ id }) => id),
    request.startOn,
  );
  const sample = fresh.find(({ id }) => id === request.samplePersonId) ?? fresh[0] ?? null;
  const needs = [...new Set(cadence.beats.map(({ kind }) => needsOf(kind)))].filter(
    (n) => n !== null,
  );
  const channels = cadence.beats.map(({ kind }) => channelOf(kind)).filter((c) => c !== null);
  const lacks = (person: q.EnrolCandidate) => [
    ...needs.filter((need) => person[need === 'address' ? 'address_line' : need] === ''),
    ...(channels.some((channel) => person.consent[channel]?.answer === 'no')
      ? (['consent'] as const)
      : []),
  ];
  const own = await readOwnFields(ctx.db);
  const before = weeklyLoad(sphere.plan, sphere.options);
  return {
    people: fresh.length,
    alreadyOn: people.length - fresh.length,
    sample: sample && {
      id: sample.id,
      name: sample.name,
      touches: sampleTouches(sphere, cadence, sample, request.startOn, own),
    },
    candidates: fresh.slice(0, CANDIDATES_SHOWN).map(({ id, name }) => ({ id, name })),
    lacking: fresh
      .map((person) => ({ id: person.id, name: person.name, lacks: lacks(person) }))
      .filter((person) => person.lacks.length > 0)
      .slice(0, LACKING_SHOWN),
    load: weeklyLoad(after, sphere.options).map((week, i) => ({
      monday: toPlainDate(week.monday),
      before: before[i]!.beats + before[i]!.keepers + before[i]!.followUps,
      after: week.beats + week.keepers + week.followUps,
      capacity: week.capacity,
    })),
    slipsBefore: firstSlips(sphere.plan).length,
    slipsAfter: firstSlips(after).length,
  };
}

function planWith(
  sphere: Sphere,
  cadence: Cadence,
  ids: readonly string[],
  startOn: PlainDate,
): Plan {
  const joining = new Set(ids);
  const start = toDayNumber(startOn);
  const people = sphere.people.map((person) =>
    joining.has(person.id)
      ? {
          ...person,
          enrolments: [
            ...person.enrolments,
            { id: `preview:${person.id}`, cadence, start, settledUntil: null },
          ],
        }
      : person,
  );
  return plan(people, sphere.options);
}

function sampleTouches(
  sphere: Sphere,
  cadence: Cadence,
  person: q.EnrolCandidate,
  startOn: PlainDate,
  own: readonly OwnField[],
) {
  const start = toDayNumber(startOn);
  const span = { from: start, to: start + 3 * 366 };
  return datedBeats(cadence, start, span, sphere.options.calendar)
    .slice(0, TOUCHES_SHOWN)
    .map(({ beat, round, day }) => {
      const filled = fillWords(beat.words, wordValues(person, own));
      return {
        on: toPlainDate(day),
        kind: beat.kind,
        round,
        words: filled.ok ? filled.text : beat.words,
        fault: filled.ok ? null : `{{ ${filled.field} }} has nothing to fill it with.`,
      };
    });
}

type Nameable = Pick<
  q.EnrolCandidate,
  | 'name'
  | 'given_name'
  | 'goes_by'
  | 'family_name'
  | 'company'
  | 'phone'
  | 'email'
  | 'place'
  | 'own'
>;

/** The merge fields of one person, the owner's own fields among them. */
export const wordValues = (person: Nameable, own: readonly OwnField[]) => ({
  ...Object.fromEntries(
    own.map((field) => {
      const value = person.own[field.id];
      return [ownFieldName(field.name), value === undefined ? null : ownValueText(field, value)];
    }),
  ),
  name: person.name,
  first_name: person.goes_by || person.given_name,
  last_name: person.family_name,
  company: person.company,
  phone: person.phone,
  email: person.email,
  place: person.place,
});

export async function enrol(ctx: Context, request: EnrolRequest & { leaveOut: string[] }) {
  const { cadence, people } = await candidates(ctx, request);
  const out = new Set(request.leaveOut);
  const fresh = people.filter((person) => !person.already_on && !out.has(person.id));
  if (fresh.length === 0) throw invalid('Nobody is left to enrol.', 'who');
  return act(ctx, async (tx) => {
    await q.insertEnrolments(
      tx,
      fresh.map(({ id }) => ({
        id: newId(),
        person_id: id,
        cadence_id: cadence.id,
        start_on: request.startOn,
      })),
    );
    return {
      people: fresh.length,
      alreadyOn: people.filter((person) => person.already_on).length,
      sentence: `Enrolled ${plural(fresh.length, 'person', 'people')} in ${cadence.name}`,
    };
  });
}

export async function stop(ctx: Context, id: string, reason: string) {
  return act(ctx, async (tx) => {
    const [stopped] = await q.stopEnrolment(tx, id, ctx.clock.today(), reason);
    if (!stopped) throw conflict('This cadence has already ended for them.');
    return { sentence: `Took ${stopped.person} off ${stopped.cadence}` };
  });
}
