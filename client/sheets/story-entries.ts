import type { PersonSheet } from '@/contract/people';
import type { Note } from '@/contract/story';
import { sentenceCase, type PlainDate } from '@/core/time';
import { KIND_WORDS, OUTCOME_WORDS, type TouchKind } from '@/core/touches';

export type Part = 'touches' | 'notes' | 'plans';

export interface Entry {
  id: string;
  on: PlainDate;
  part: Part;
  kind: TouchKind | null;
  text: string;
  note?: Note;
}

const noun = (kind: TouchKind) => sentenceCase(KIND_WORDS[kind].noun);

const plan = (id: string, on: PlainDate, text: string, kind: TouchKind | null = null): Entry => ({
  id,
  on,
  part: 'plans',
  kind,
  text,
});

function touches(sheet: PersonSheet): Entry[] {
  return sheet.touches.map(({ id, on, kind, outcome }) => ({
    id,
    on,
    part: 'touches',
    kind,
    text: `${noun(kind)}, ${OUTCOME_WORDS[outcome].toLowerCase()}.`,
  }));
}

const notes = (sheet: PersonSheet): Entry[] =>
  sheet.notes.map((note) => ({
    id: note.id,
    on: note.on,
    part: 'notes',
    kind: null,
    text: note.body,
    note,
  }));

function plans({ events, jobs, planned }: PersonSheet): Entry[] {
  const [next] = planned;
  return [
    ...events.map(({ id, on, words }) => plan(id, on, words)),
    ...jobs.flatMap(({ id, name, completedOn }) =>
      completedOn ? [plan(id, completedOn, `${name} completed.`)] : [],
    ),
    ...(next ? [plan(next.key, next.day, `${noun(next.kind)}, planned.`, next.kind)] : []),
  ];
}

const pinned = (entry: Entry) => (entry.note?.pinned ? 1 : 0);

/** The latest first; what is pinned before everything. */
const inOrder = (a: Entry, b: Entry): number =>
  pinned(b) - pinned(a) || b.on.localeCompare(a.on) || b.id.localeCompare(a.id);

/** All that is known to have happened with somebody, and what comes next, the latest first. */
export const entriesOf = (sheet: PersonSheet): Entry[] =>
  [...touches(sheet), ...notes(sheet), ...plans(sheet)].sort(inOrder);
