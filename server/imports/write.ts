import type { ImportedPerson, TouchTold } from '@/core/intake';
import { need } from '@/core/need';
import { differences, enrich, fold, type OwnField, type PersonFields } from '@/core/people';
import { holdOf, type HoldTable } from '@/core/touches';

import { newId, type Sql } from '../db';
import {
  ensureNamed,
  insertJobs,
  insertNotes,
  insertPeople,
  keepPhoto,
  rewriteMany,
  settleHouseholds,
  shrink,
  tagPeople,
  toNote,
  toRecord,
} from '../people';
import { insertTouches } from '../touches';
import type { Joins } from './joining';
import * as queries from './queries';

export interface Batch {
  batchId: string;
  today: string;
  at: string;
  circleId: string | null;
  tag: string | null;
  fileName: string;
  own: readonly OwnField[];
  holds: HoldTable;
}

/** Somebody to be written: new, or present with something new about them. */
export interface Target {
  id: string;
  isNew: boolean;
  /** All that the file says of them, from one row or several. */
  rows: ImportedPerson[];
}

/** What all of a batch is written with. */
export interface Prepared {
  targets: Target[];
  /** By place in the file. */
  idAt: string[];
  circles: ReadonlyMap<string, string>;
}

/** Puts the rows of each person together. */
export const prepare = async (
  tx: Sql,
  people: readonly ImportedPerson[],
  joins: Joins,
): Promise<Prepared> => ({
  ...targetsOf(people, joins),
  circles: await queries.circleIdsByName(tx),
});

/** Writes some of those coming in; who surely is somebody else is joined to them. */
export async function writeTargets(
  tx: Sql,
  targets: readonly Target[],
  { circles }: Prepared,
  batch: Batch,
): Promise<{ differing: number }> {
  await ensureNamed(
    tx,
    targets.flatMap(({ rows }) => rows.map(({ fields }) => fields)),
  );
  const joining = joiner(batch);
  const added = targets.filter(({ isNew }) => isNew);
  await insertPeople(
    tx,
    added.map(({ id, rows }) => {
      const circle = rows.map((row) => circles.get(fold(row.circle))).find(Boolean);
      return toRecord(joining.rows(id, rows), {
        id,
        version: 1,
        circleId: circle ?? batch.circleId,
        ownPromiseDays: rows.find(({ promiseDays }) => promiseDays)?.promiseDays ?? null,
        addedOn: batch.today,
        batchId: batch.batchId,
      });
    }),
  );
  const present = targets.filter(({ isNew }) => !isNew);
  await rewriteMany(
    tx,
    new Map(present.map(({ id, rows }) => [id, (fields) => joining.into(id, fields, rows)])),
  );
  await writeTags(tx, targets, batch.tag);
  await writeNotes(tx, targets, circles, batch.today);
  const asides = joining.notes();
  if (asides.length > 0) await insertNotes(tx, asides);
  await writeTouches(tx, targets, batch);
  for (const { id, rows } of added) {
    const photo = rows.find((row) => row.photo)?.photo;
    const small = photo ? await shrink(photo) : null;
    if (small) await keepPhoto(tx, id, small);
    else if (photo)
      await insertNotes(tx, [toNote(id, batch.today, 'The photo in the file could not be read.')]);
  }
  await insertJobs(
    tx,
    targets.flatMap(({ id, rows }) =>
      rows.flatMap(({ jobs }) =>
        jobs.map(({ on, ...job }) => ({ ...job, personId: id, completedOn: on })),
      ),
    ),
  );
  const ids = targets.map(({ id }) => id);
  await settleHouseholds(tx, ids);
  await queries.settleStandings(tx, ids);
  return { differing: joining.count() };
}

/** Puts rows together with what is there; what they say otherwise goes into a note of its own. */
function joiner({ own, fileName, today }: Batch) {
  const asides = new Map<string, string[]>();
  let count = 0;
  const into = (id: string, fields: PersonFields, rows: readonly ImportedPerson[]) =>
    rows.reduce((known, row) => {
      const told = differences(known, row.fields, own);
      count += told.length;
      if (told.length > 0)
        asides.set(id, [
          ...(asides.get(id) ?? []),
          ...told.map(({ what, there }) => `${what}: ${there}`),
        ]);
      return enrich(known, row.fields);
    }, fields);
  return {
    into,
    rows: (id: string, [first, ...more]: readonly ImportedPerson[]) =>
      into(id, need(first).fields, more),
    notes: () =>
      [...asides].map(([id, lines]) =>
        toNote(id, today, [`Said otherwise in ${fileName}:`, ...new Set(lines)].join('\n')),
      ),
    count: () => count,
  };
}

function targetsOf(
  people: readonly ImportedPerson[],
  joins: Joins,
): Pick<Prepared, 'targets' | 'idAt'> {
  const byPlace: Target[] = [];
  const byId = new Map<string, Target>();
  people.forEach((row, i) => {
    const join = joins.get(i);
    const id = join && 'presentId' in join ? join.presentId : null;
    const target = (join && 'place' in join
      ? byPlace[join.place]
      : id
        ? byId.get(id)
        : undefined) ?? {
      id: id ?? newId(),
      isNew: id === null,
      rows: [],
    };
    target.rows.push(row);
    byPlace.push(target);
    byId.set(target.id, target);
  });
  return { targets: [...byId.values()], idAt: byPlace.map(({ id }) => id) };
}

async function writeTags(tx: Sql, targets: readonly Target[], tag: string | null): Promise<void> {
  const shared = tag ? [tag] : [];
  await tagPeople(
    tx,
    targets.flatMap(({ id, rows }) =>
      [...new Set([...rows.flatMap((row) => row.tags), ...shared])].map((name) => ({
        personId: id,
        tag: name,
      })),
    ),
  );
}

/** Notes that somebody has already, word for word, are not written again. */
async function writeNotes(
  tx: Sql,
  targets: readonly Target[],
  circles: ReadonlyMap<string, string>,
  today: string,
): Promise<void> {
  const known = await queries.noteBodies(
    tx,
    targets.filter(({ isNew }) => !isNew).map(({ id }) => id),
  );
  const inCircle = await queries.circlesOf(
    tx,
    targets.map(({ id }) => id),
  );
  const notes = targets.flatMap(({ id, rows }) =>
    rows.flatMap((row) => {
      // A circle that does not exist here, or is not the one that somebody is in, is not lost: its name
      // goes into the note.
      const isIn = circles.get(fold(row.circle)) === (inCircle.get(id) ?? '');
      const undated = row.notes.filter(({ on }) => on === null).map(({ body }) => body);
      if (row.circle && !isIn) undated.push(`Circle: ${row.circle}`);
      const dated = row.notes.filter(({ on }) => on !== null && on <= today);
      return [
        ...(undated.length > 0 ? [toNote(id, today, undated.join('\n'))] : []),
        ...dated.map(({ on, body }) => toNote(id, need(on), body)),
      ].filter(({ body }) => !known.has(`${id} ${body}`));
    }),
  );
  if (notes.length > 0) await insertNotes(tx, notes);
}

/**
 * The touches that a file tells of. A bare day counts as a talk, unless a later touch is on record; the
 * others are written as what they were, each once.
 */
async function writeTouches(tx: Sql, targets: readonly Target[], batch: Batch): Promise<void> {
  const told = targets.flatMap(({ id, rows }) =>
    rows.flatMap(({ touches }) => touches.map((touch) => ({ id, ...touch }))),
  );
  if (told.length === 0) return;
  const ids = [...new Set(told.map(({ id }) => id))];
  const known = new Set((await queries.touchesKnown(tx, ids)).map(keyOf));
  const latest = await queries.lastDays(tx, ids);
  const fresh = told.filter((touch) => {
    const isBare = touch.kind === 'other' && touch.outcome === 'reached';
    const isNew = !known.has(keyOf(touch)) && !(isBare && (latest.get(touch.id) ?? '') >= touch.on);
    known.add(keyOf(touch));
    return isNew;
  });
  if (fresh.length === 0) return;
  await insertTouches(
    tx,
    fresh.map(({ id, on, kind, outcome }) => ({
      id: newId(),
      person_id: id,
      on_day: on,
      logged_at: batch.at,
      kind,
      outcome,
      hold: holdOf(kind, outcome, batch.holds),
    })),
  );
}

const keyOf = ({ id, on, kind, outcome }: TouchTold & { id: string }) =>
  `${id} ${on} ${kind} ${outcome}`;
