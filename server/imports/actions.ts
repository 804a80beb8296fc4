import type { Mapping } from '@/contract/imports';
import {
  guessMapping,
  importRows,
  readTable,
  tableFaultSentence,
  type ImportedPerson,
  type Table,
} from '@/core/intake';
import { displayName, fold, formatPhone } from '@/core/people';
import { plural } from '@/core/time';

import { act, type Context } from '../context';
import { newId, type Sql } from '../db';
import { conflict, invalid, notFound, Refusal } from '../http/errors';
import { assertCircle, insertNotes, insertPeople, tagPeople, toNote, toRecord } from '../people';
import { insertTouches } from '../touches';
import * as q from './queries';

interface File {
  fileName: string;
  content: string;
  mapping: Mapping | null;
}

const FAULTS_SHOWN = 200;
const SAMPLE_ROWS = 8;

function open(file: File): { table: Table; mapping: Mapping } {
  const read = readTable(Buffer.from(file.content, 'base64'));
  if (!read.ok) {
    const code = read.fault.reason === 'too_many_rows' ? 'too_large' : 'invalid';
    throw new Refusal(code, tableFaultSentence(read.fault), 'content');
  }
  const { table } = read;
  if (file.mapping && file.mapping.length !== table.header.length)
    throw invalid(
      'The columns of this file are not the ones that were mapped. Choose it again.',
      'mapping',
    );
  return { table, mapping: file.mapping ?? guessMapping(table) };
}

/** What the file would bring; nothing is written. */
export function preview(ctx: Context, file: File) {
  const { table, mapping } = open(file);
  const { people, faults } = importRows(table, mapping, ctx.clock.today());
  const all = [...table.faults.map((fault) => ({ ...fault, leftOut: true })), ...faults].sort(
    (a, b) => a.row - b.row,
  );
  return {
    encoding: table.encoding,
    delimiter: table.delimiter,
    columns: table.header.map((name, i) => ({
      name,
      samples: table.rows.slice(0, 3).map(({ cells }) => cells[i] ?? ''),
    })),
    mapping,
    people: people.length,
    sample: people.slice(0, SAMPLE_ROWS).map((person) => ({
      row: person.row,
      name: displayName(person),
      reach: [formatPhone(person.phone), person.email].filter(Boolean).join(', '),
    })),
    faults: all.slice(0, FAULTS_SHOWN),
    faultCount: all.length,
    leftOut: all.filter((fault) => fault.leftOut).length,
  };
}

export async function run(
  ctx: Context,
  file: File & { circleId: string | null; tag: string | null },
) {
  const { table, mapping } = open(file);
  const today = ctx.clock.today();
  const { people, faults } = importRows(table, mapping, today);
  if (people.length === 0) throw invalid('No row of this file can be read as a person.', 'content');
  const leftOut = table.faults.length + faults.filter((fault) => fault.leftOut).length;
  return act(ctx, async (tx) => {
    await assertCircle(tx, file.circleId);
    const batchId = newId(ctx.clock.nowMs());
    const at = ctx.clock.now();
    await q.insertBatch(tx, {
      id: batchId,
      file_name: file.fileName,
      at,
      people: people.length,
      left_out: leftOut,
    });
    await writePeople(tx, people, { batchId, today, at, circleId: file.circleId, tag: file.tag });
    const sentence = `Imported ${plural(people.length, 'person', 'people')} from ${file.fileName}`;
    return { batchId, people: people.length, leftOut, sentence };
  });
}

interface Batch {
  batchId: string;
  today: string;
  at: string;
  circleId: string | null;
  tag: string | null;
}

async function writePeople(
  tx: Sql,
  people: readonly ImportedPerson[],
  batch: Batch,
): Promise<void> {
  const circles = await q.circleIdsByName(tx);
  const withIds = people.map((person) => ({ id: newId(), person }));
  await insertPeople(
    tx,
    withIds.map(({ id, person }) =>
      toRecord(person, {
        id,
        version: 1,
        circleId: circles.get(fold(person.circle)) ?? batch.circleId,
        ownPromiseDays: null,
        addedOn: batch.today,
        batchId: batch.batchId,
      }),
    ),
  );
  const shared = batch.tag ? [batch.tag] : [];
  await tagPeople(
    tx,
    withIds.flatMap(({ id, person }) =>
      [...new Set([...person.tags, ...shared])].map((tag) => ({ personId: id, tag })),
    ),
  );
  const notes = withIds.flatMap(({ id, person }) => {
    // A circle that does not exist here is not lost: its name goes into the note.
    const unknown = person.circle && !circles.has(fold(person.circle));
    const body = [person.note, unknown && `Circle: ${person.circle}`].filter(Boolean).join('\n');
    return body ? [toNote(id, batch.today, body)] : [];
  });
  if (notes.length > 0) await insertNotes(tx, notes);
  const touched = withIds.flatMap(({ id, person }) =>
    person.lastTouch ? [{ id: newId(), personId: id, on: person.lastTouch }] : [],
  );
  if (touched.length > 0)
    await insertTouches(
      tx,
      touched.map(({ id, personId, on }) => ({
        id,
        person_id: personId,
        on_day: on,
        logged_at: batch.at,
        kind: 'other',
        outcome: 'reached',
        hold: 1,
        note: '',
      })),
    );
}

/**
 * Takes a batch back. Somebody with whom something has happened since (a touch, a note, a cadence)
 * stays, because undoing the import must not lose it.
 */
export async function undo(ctx: Context, batchId: string) {
  return act(ctx, async (tx) => {
    const batch = await q.findBatch(tx, batchId);
    if (!batch) throw notFound('There is no such import.');
    if (batch.undone) throw conflict('This import was undone already.');
    const removed = await q.removeUntouched(tx, batchId, batch.at);
    await q.markBatchUndone(tx, batchId);
    const kept = batch.people - removed;
    const rest = kept > 0 ? `; ${kept} kept, because something has happened with them since` : '';
    return {
      removed,
      kept,
      sentence: `Took back ${plural(removed, 'person', 'people')} of ${batch.file_name}${rest}`,
    };
  });
}
