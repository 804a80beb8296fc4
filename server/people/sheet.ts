import type { CallOutput } from '@/contract/endpoint';
import type { getPerson, listPeople, PeopleFilter, PeopleSort } from '@/contract/people';
import { datedBeats } from '@/core/cadences';
import { plainDate, toDayNumber, toPlainDate, type PlainDate } from '@/core/time';
import { standingOf, standingSentence, type LastMade, type TouchKind } from '@/core/touches';

import { enrolmentsOf, wordValues } from '../cadences';
import type { Context } from '../context';
import { sphereNow, type Sphere } from '../planner';
import { itemWords, plannedReason, toStanding, touchesOf } from '../touches';
import { findOrRefuse } from './actions';
import * as q from './queries';
import { fieldsOf } from './records';

const dayOrNull = (date: string | null) => (date === null ? null : toDayNumber(plainDate(date)));

export async function readSheet(ctx: Context, id: string): Promise<CallOutput<typeof getPerson>> {
  const today = ctx.clock.today();
  const sphere = await sphereNow(ctx);
  const person = await findOrRefuse(ctx.db, id);
  const [touches, notes, enrolments] = [
    await touchesOf(ctx.db, id),
    await q.notesOf(ctx.db, id),
    await enrolmentsOf(ctx.db, id),
  ];
  const promise = { promiseDays: person.promise_days, due: dayOrNull(person.due_on) };
  const standing = standingOf(promise, sphere.options.today);
  const reached = touches.find(({ hold }) => hold > 0);
  const last: LastMade | null = reached ? { ...reached, on: plainDate(reached.on_day) } : null;
  const circle = await q.circleOf(ctx.db, person.circle_id);
  return {
    id,
    version: person.version,
    name: person.name,
    fields: fieldsOf(person),
    circle,
    ownPromiseDays: person.own_promise_days,
    tags: person.tags,
    addedOn: plainDate(person.added_on),
    standing: toStanding(standing),
    sentence: standingSentence(standing, last, plainDate(person.added_on), today),
    touches: touches.map((touch) => ({
      id: touch.id,
      on: plainDate(touch.on_day),
      kind: touch.kind,
      outcome: touch.outcome,
      hold: touch.hold,
      note: touch.note,
    })),
    notes: notes.map(({ id: noteId, on_day, body }) => ({
      id: noteId,
      on: plainDate(on_day),
      body,
    })),
    planned: (sphere.byPerson.get(id) ?? []).map((touch) => ({
      key: touch.item.key,
      day: toPlainDate(touch.day),
      kind: touch.item.kind as TouchKind,
      reason: plannedReason(sphere, touch, promise, last, today),
      words: itemWords(sphere, touch, wordValues(person)),
    })),
    enrolments: enrolments.map((e) => ({
      id: e.id,
      cadenceId: e.cadence_id,
      cadence: e.cadence,
      startOn: plainDate(e.start_on),
      state: enrolmentState(sphere, e, today),
    })),
  };
}

/** Enrolments are kept with their start and stop only; whether they have begun or ended follows. */
function enrolmentState(
  sphere: Sphere,
  e: { cadence_id: string; start_on: string; stopped_on: string | null },
  today: PlainDate,
): 'waiting' | 'running' | 'finished' | 'stopped' {
  if (e.stopped_on) return 'stopped';
  if (e.start_on > today) return 'waiting';
  const cadence = sphere.cadences.get(e.cadence_id);
  if (!cadence || cadence.rounds === null) return 'running';
  const start = toDayNumber(plainDate(e.start_on));
  const span = { from: sphere.options.today, to: Infinity };
  const left = datedBeats(cadence, start, span, sphere.options.calendar);
  return left.length > 0 ? 'running' : 'finished';
}

export async function readList(
  ctx: Context,
  filter: PeopleFilter,
  sort: PeopleSort,
  page: { offset: number; limit: number },
): Promise<CallOutput<typeof listPeople>> {
  const today = ctx.clock.today();
  const { total, rows } = await q.listPeople(ctx.db, filter, sort, page, today);
  return {
    total,
    rows: rows.map((row) => ({
      id: row.id,
      name: row.name,
      place: row.place,
      company: row.company,
      circle: row.circle,
      tags: row.tags,
      standing: toStanding(
        standingOf({ promiseDays: row.promise_days, due: dayOrNull(row.due) }, toDayNumber(today)),
      ),
      hasPhone: row.has_phone,
      hasEmail: row.has_email,
      hasAddress: row.has_address,
      recent: row.recent,
    })),
  };
}
