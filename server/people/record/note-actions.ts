import type { CallInput } from '@/contract/endpoint';
import type { editNote } from '@/contract/story';

import { yearlyWords } from '@/core/time';

import { act, type Effects } from '../../act';
import type { Context } from '../../context';
import type { Sql } from '../../db';
import { conflict, invalid, notFound } from '../../api';
import { findOrRefuse } from '../find/find';
import { learn } from './learnt';
import * as notes from './notes';
import { toNote } from './records';

/** A note plans nobody anew. */
const NOTED: Effects = { plan: 'nobody', topics: ['notes'] };
/** A date may bring a greeting. */
const learnt = (personId: string, topics: Effects['topics']): Effects => ({
  plan: [personId],
  topics: ['people', 'almanac', ...topics],
});

interface NamedDate {
  name: string;
  on: string;
}

/** Writes a note, and the dates that it tells of on the sheet. */
export async function writeNote(
  ctx: Context,
  personId: string,
  { body, dates }: { body: string; dates: readonly NamedDate[] },
) {
  return act(ctx, async (tx) => {
    const { name } = await findOrRefuse(tx, personId);
    await notes.insertNotes(tx, [toNote(personId, ctx.clock.today(), body)]);
    for (const date of dates) await learn(tx, personId, { tags: [], date });
    const effects = dates.length > 0 ? learnt(personId, NOTED.topics) : NOTED;
    return { sentence: `Noted for ${name}`, ...effects };
  });
}

/** Puts a date that a note tells of on the sheet. */
export async function keepDate(ctx: Context, personId: string, date: NamedDate) {
  return act(ctx, async (tx) => {
    const { name } = await findOrRefuse(tx, personId);
    await learn(tx, personId, { tags: [], date });
    return { sentence: `${name}: ${date.name}, ${yearlyWords(date.on)}`, ...learnt(personId, []) };
  });
}

async function findNote(tx: Sql, id: string) {
  const note = await notes.findNote(tx, id);
  if (!note) throw notFound('This note is not there any more.');
  return note;
}

export async function changeNote(
  ctx: Context,
  id: string,
  body: NonNullable<CallInput<typeof editNote>['body']>,
) {
  return act(ctx, async (tx) => {
    const note = await findNote(tx, id);
    if (body.on && body.on > ctx.clock.today())
      throw invalid('A note is about a day that has been.', 'on');
    const { search_text, tags } = toNote(note.person_id, note.on_day, body.body ?? note.body);
    const written = await notes.updateNote(tx, {
      ...note,
      version: body.version,
      body: body.body ?? note.body,
      search_text,
      tags,
      on_day: body.on ?? note.on_day,
      pinned: body.pinned ?? note.pinned,
    });
    if (!written)
      throw conflict(
        `This note was changed in another window meanwhile. It says now: “${note.body}” Keep yours once more to put it in its place.`,
      );
    if (body.pinned !== undefined && body.body === undefined)
      return {
        sentence: `${body.pinned ? 'Pinned' : 'Unpinned'} a note about ${note.name}`,
        ...NOTED,
      };
    return { sentence: `Changed a note about ${note.name}`, ...NOTED };
  });
}

export async function removeNote(ctx: Context, id: string) {
  return act(ctx, async (tx) => {
    const { name } = await findNote(tx, id);
    await notes.deleteNote(tx, id);
    return { sentence: `Took away a note about ${name}`, ...NOTED };
  });
}
