import type { CallInput } from '@/contract/endpoint';
import type { editPerson, PersonDraft, PersonFields, Who } from '@/contract/people';
import { plural } from '@/core/time';
import { readDate, readEmail, readPhone } from '@/core/intake';

import { act, type Context } from '../context';
import { newId, type Sql } from '../db';
import { conflict, invalid, notFound } from '../http/errors';
import * as q from './queries';
import { fieldsOf, toNote, toRecord } from './records';

/** Puts e-mail, phone and birthday into their kept form; refuses what is none. */
function checkFields<F extends Partial<PersonFields>>(fields: F): F {
  const checked = { ...fields };
  if (fields.email) {
    const email = readEmail(fields.email);
    if (!email) throw invalid(`“${fields.email}” is not an e-mail address.`, 'email');
    checked.email = email;
  }
  if (fields.phone) {
    const phone = readPhone(fields.phone);
    if (!phone) throw invalid(`“${fields.phone}” is not a phone number.`, 'phone');
    checked.phone = phone;
  }
  if (fields.birthday && !readDate(fields.birthday))
    throw invalid(`There is no ${fields.birthday} in the calendar.`, 'birthday');
  return checked;
}

/** Tags a person with exactly these names, making tags that are new. */
export async function tagPeople(
  tx: Sql,
  taggings: readonly { personId: string; tag: string }[],
): Promise<number> {
  if (taggings.length === 0) return 0;
  const names = [...new Map(taggings.map(({ tag }) => [tag.toLowerCase(), tag])).values()];
  const ids = await q.ensureTags(
    tx,
    names.map((name) => ({ id: newId(), name })),
  );
  const added = await q.insertTaggings(
    tx,
    taggings.map(({ personId, tag }) => ({
      id: newId(),
      person_id: personId,
      tag_id: ids.get(tag.toLowerCase())!,
    })),
  );
  return added.length;
}

export async function add(ctx: Context, draft: PersonDraft) {
  const { circleId, tags, note, ...given } = draft;
  const fields = checkFields(given);
  const named = fields.givenName || fields.familyName || fields.goesBy || fields.company;
  if (!named && !fields.email && !fields.phone)
    throw invalid('Give a name, or a phone number or e-mail address.', 'givenName');
  const id = newId(ctx.clock.nowMs());
  const today = ctx.clock.today();
  return act(ctx, async (tx) => {
    await assertCircle(tx, circleId ?? null);
    const record = toRecord(fields, {
      id,
      version: 1,
      circleId: circleId ?? null,
      ownPromiseDays: null,
      addedOn: today,
      batchId: null,
    });
    await q.insertPeople(tx, [record]);
    await tagPeople(
      tx,
      (tags ?? []).map((tag) => ({ personId: id, tag })),
    );
    if (note) await q.insertNotes(tx, [toNote(id, today, note)]);
    return { id, sentence: `Added ${record.name}` };
  });
}

export async function assertCircle(sql: Sql, circleId: string | null): Promise<void> {
  if (circleId === null) return;
  const found = await sql.query('select 1 from circle where id = $1::uuid', [circleId]);
  if (found.length === 0) throw notFound('There is no such circle.');
}

export async function edit(
  ctx: Context,
  id: string,
  body: NonNullable<CallInput<typeof editPerson>['body']>,
) {
  const { version, circleId, ownPromiseDays, tags, ...given } = body;
  const fields = checkFields(given);
  return act(ctx, async (tx) => {
    const present = await findOrRefuse(tx, id);
    if (circleId) await assertCircle(tx, circleId);
    const record = toRecord(
      { ...fieldsOf(present), ...fields },
      {
        id,
        version,
        circleId: circleId === undefined ? present.circle_id : circleId,
        ownPromiseDays: ownPromiseDays === undefined ? present.own_promise_days : ownPromiseDays,
        addedOn: present.added_on,
        batchId: present.batch_id,
      },
    );
    if (!(await q.updatePerson(tx, record, version)))
      throw conflict(
        `${present.name} was changed in another window meanwhile. What you see now is the newer version; make your change on it.`,
      );
    if (tags) await replaceTags(tx, id, tags);
    return { sentence: `Changed ${record.name}` };
  });
}

async function replaceTags(tx: Sql, personId: string, tags: readonly string[]): Promise<void> {
  const kept = await q.ensureTags(
    tx,
    tags.map((name) => ({ id: newId(), name })),
  );
  await q.removeTaggings(tx, personId, [...kept.values()]);
  await tagPeople(
    tx,
    tags.map((tag) => ({ personId, tag })),
  );
}

export async function findOrRefuse(sql: Sql, id: string) {
  const person = await q.findPerson(sql, id);
  if (!person) throw notFound('This person is not in your sphere any more.');
  return person;
}

export async function writeNote(ctx: Context, personId: string, body: string) {
  return act(ctx, async (tx) => {
    const { name } = await findOrRefuse(tx, personId);
    await q.insertNotes(tx, [toNote(personId, ctx.clock.today(), body)]);
    return { sentence: `Noted for ${name}` };
  });
}

export async function setCircle(ctx: Context, who: Who, circleId: string | null) {
  return act(ctx, async (tx) => {
    await assertCircle(tx, circleId);
    const people = await q.setCircle(tx, who, circleId, ctx.clock.today());
    return { people, sentence: `Moved ${plural(people, 'person', 'people')} to another circle` };
  });
}

export async function addTag(ctx: Context, who: Who, tag: string) {
  return act(ctx, async (tx) => {
    const ids = await q.idsOf(tx, who, ctx.clock.today());
    const people = await tagPeople(
      tx,
      ids.map((personId) => ({ personId, tag })),
    );
    return { people, sentence: `Tagged ${plural(people, 'person', 'people')} #${tag}` };
  });
}
