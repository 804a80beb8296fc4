import type { PersonDraft } from '@/contract/record';
import { enrich } from '@/core/people';

import { act } from '../../act';
import type { Context } from '../../context';
import { rewrite, tagPeople, type Also } from '../actions';
import { findOrRefuse } from '../find/find';
import { cleanFields, draftFields } from './clean-fields';
import { settleHouseholds } from './households';
import { insertNotes } from './notes';
import { fieldsOf, toNote } from './records';

/** Adds what is new about somebody who is here already, instead of making them twice. */
export async function enrichPerson(ctx: Context, id: string, draft: PersonDraft, also?: Also) {
  return act(ctx, async (tx) => {
    const present = await findOrRefuse(tx, id);
    const more = await cleanFields(tx, draftFields(draft));
    await rewrite(tx, present, enrich(fieldsOf(present), more), present.version, {
      circleId: present.circle_id ?? draft.circleId ?? null,
      ownPromiseDays: present.own_promise_days,
    });
    await tagPeople(
      tx,
      (draft.tags ?? []).map((tag) => ({ personId: id, tag })),
    );
    if (draft.note) await insertNotes(tx, [toNote(id, ctx.clock.today(), draft.note)]);
    const home = await settleHouseholds(tx, [id]);
    const others = (await also?.(tx, id)) ?? [];
    return {
      id,
      sentence: `Added to ${present.name}`,
      plan: [id, ...home],
      topics: ['people', 'lists', 'notes', ...others],
    };
  });
}
