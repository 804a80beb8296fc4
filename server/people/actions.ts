import type { CallInput } from '@/contract/endpoint';
import type { editPerson } from '@/contract/people';
import type { PersonDraft } from '@/contract/record';
import type { Topic } from '@/contract/topics';
import { need } from '@/core/need';
import type { PersonFields } from '@/core/people';

import { act } from '../act';
import type { Context } from '../context';
import { newId, type Sql } from '../db';
import { conflict, invalid } from '../api';
import { cleanFields, draftFields } from './record/clean-fields';
import { assertCircle, findOrRefuse } from './find/find';
import { settleHouseholds } from './record/households';
import { insertNotes } from './record/notes';
import * as queries from './queries';
import { fieldsOf, toNote, toRecord, type PersonRecord } from './record/records';
import { insertTie } from './record/ties';

/** Says that people were changed by what hangs on them, so that no other window overwrites it unseen. */
export const raiseVersions = (tx: Sql, ids: readonly string[]) =>
  tx.query('update person set version = version + 1 where id = any($1::uuid[])', [ids]);

/** Puts tags on people, making those that are new; answers how many taggings are new. */
export async function tagPeople(
  tx: Sql,
  taggings: readonly { personId: string; tag: string }[],
): Promise<number> {
  if (taggings.length === 0) return 0;
  const names = [...new Set(taggings.map(({ tag }) => tag))];
  const ids = await queries.ensureTags(
    tx,
    names.map((name) => ({ id: newId(), name })),
  );
  const added = await queries.insertTaggings(
    tx,
    taggings.map(({ personId, tag }) => ({
      id: newId(),
      person_id: personId,
      tag_id: need(ids.get(tag)),
    })),
  );
  return added.length;
}

/** What else belongs to adding somebody, in the same action; answers what it touches besides. */
export type Also = (tx: Sql, personId: string) => Promise<readonly Topic[]>;

/** Ties somebody new to whom a draft names; answers who sent them, where that is somebody here. */
async function tieByName(tx: Sql, id: string, draft: PersonDraft): Promise<string | null> {
  if (draft.referredBy) {
    await findOrRefuse(tx, draft.referredBy);
    await insertTie(tx, { person_id: id, other_id: draft.referredBy, kind: 'referred_by' });
  }
  let sender = draft.referredBy ?? null;
  for (const { kind, name } of draft.ties ?? []) {
    const sent = kind === 'referred_by';
    if (sent && sender) continue;
    const [one, other] = sent ? await queries.idsByName(tx, name) : [];
    const known = one && !other && one !== id ? one : null;
    await insertTie(tx, { person_id: id, other_id: known, kind, other_name: known ? '' : name });
    if (sent) sender = known;
  }
  return sender;
}

/** Adds one person. @throws Refusal where the draft names nobody */
export async function add(ctx: Context, draft: PersonDraft, also?: Also) {
  const given = draftFields(draft);
  const named = given.givenName || given.familyName || given.goesBy || given.company;
  if (!named && !given.emails?.length && !given.phones?.length)
    throw invalid('Give a name, or a phone number or e-mail address.', 'givenName');
  const id = newId(ctx.clock.nowMs());
  const today = ctx.clock.today();
  return act(ctx, async (tx) => {
    await assertCircle(tx, draft.circleId ?? null);
    const record = toRecord(await cleanFields(tx, given), {
      id,
      version: 1,
      circleId: draft.circleId ?? null,
      ownPromiseDays: null,
      addedOn: today,
      batchId: null,
    });
    await queries.insertPeople(tx, [record]);
    await tagPeople(
      tx,
      (draft.tags ?? []).map((tag) => ({ personId: id, tag })),
    );
    if (draft.note) await insertNotes(tx, [toNote(id, today, draft.note)]);
    const sender = await tieByName(tx, id, draft);
    const home = await settleHouseholds(tx, [id]);
    const more = (await also?.(tx, id)) ?? [];
    return {
      id,
      sentence: `Added ${record.name}`,
      // Whoever sent them may be thanked for it.
      plan: [id, ...home, ...(sender ? [sender] : [])],
      topics: ['people', 'lists', ...(draft.note ? (['notes'] as const) : []), ...more],
    };
  });
}

export async function edit(
  ctx: Context,
  id: string,
  body: NonNullable<CallInput<typeof editPerson>['body']>,
) {
  const { version, circleId, ownPromiseDays, tags, tagsWere, ...given } = body;
  return act(ctx, async (tx) => {
    const present = await findOrRefuse(tx, id);
    if (circleId) await assertCircle(tx, circleId);
    const fields = await cleanFields(tx, given as Partial<PersonFields>);
    if (fields.wouldRefer !== undefined && fields.wouldReferOn === undefined)
      fields.wouldReferOn = fields.wouldRefer === null ? null : ctx.clock.today();
    const record = await rewrite(tx, present, { ...fieldsOf(present), ...fields }, version, {
      circleId: circleId === undefined ? present.circle_id : circleId,
      ownPromiseDays: ownPromiseDays === undefined ? present.own_promise_days : ownPromiseDays,
    });
    if (tags) {
      if (tagsWere) await assertTagsAre(tx, present, tagsWere);
      await replaceTags(tx, id, tags);
    }
    const home = fields.addresses ? await settleHouseholds(tx, [id]) : [];
    return {
      sentence: `Changed ${record.name}`,
      plan: [id, ...home],
      topics: ['people', 'lists'],
    };
  });
}

/** Writes a person's fields if they are still at `version`. */
export async function rewrite(
  tx: Sql,
  present: PersonRecord,
  fields: PersonFields,
  version: number,
  promise: { circleId: string | null; ownPromiseDays: number | null } = {
    circleId: present.circle_id,
    ownPromiseDays: present.own_promise_days,
  },
): Promise<PersonRecord> {
  const record = toRecord(fields, {
    id: present.id,
    version,
    ...promise,
    addedOn: present.added_on,
    batchId: present.batch_id,
    householdId: present.household_id,
    livesApart: present.lives_apart,
  });
  if ((await queries.updatePeople(tx, [record])) === 0)
    throw conflict(changedMeanwhile(present.name));
  return record;
}

/** Tags may be put on thousands at once, which raises no version: they are compared themselves. */
async function assertTagsAre(tx: Sql, { id, name }: PersonRecord, were: readonly string[]) {
  const now = await queries.tagsOf(tx, id);
  const changed = now.length !== were.length || now.some((tag) => !were.includes(tag));
  if (changed) throw conflict(changedMeanwhile(name));
}

const changedMeanwhile = (name: string): string =>
  `${name} was changed in another window meanwhile. What you see now is the newer version; make your change on it.`;

async function replaceTags(tx: Sql, personId: string, tags: readonly string[]): Promise<void> {
  const kept = await queries.ensureTags(
    tx,
    tags.map((name) => ({ id: newId(), name })),
  );
  await queries.removeTaggings(tx, personId, [...kept.values()]);
  await tagPeople(
    tx,
    tags.map((tag) => ({ personId, tag })),
  );
}
