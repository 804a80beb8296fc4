import type { CadenceDraft } from '@/contract/cadences';
import { endlessHandOver, faultOf, handOverSentence, SENDABLE } from '@/core/cadences';
import { need } from '@/core/need';
import { sentenceCase } from '@/core/time';
import { aKind } from '@/core/touches';

import { act } from '../act';
import type { Context } from '../context';
import { newId } from '../db';
import { conflict, invalid, notFound } from '../api';
import { readServices } from '../services';
import { faultsOfWords, templatesAmong } from '../templates';
import * as queries from './queries';

/** Refuses a draft that can't be run, saying why; `id` is the cadence that it would become. */
export async function assertRuns(ctx: Context, draft: CadenceDraft, id: string): Promise<void> {
  const fault = faultOf(draft);
  if (fault) throw invalid(fault, 'beats');
  await assertWords(ctx, draft);
  const unsendable = draft.beats.find(
    ({ way, kind, errand }) => way === 'auto' && !errand && !SENDABLE.includes(kind),
  );
  if (unsendable)
    throw invalid(`${sentenceCase(aKind(unsendable.kind))} can’t go out by itself.`, 'beats');
  const others = await queries.readCadences(ctx.db);
  await assertErrands(ctx, draft, id, others);
  if (
    draft.handOver &&
    draft.handOver.cadenceId !== id &&
    !others.some((c) => c.id === need(draft.handOver).cadenceId)
  )
    throw invalid('The cadence that it hands over to is gone. Choose another one.', 'handOver');
  const path = endlessHandOver({ ...draft, id }, others);
  if (path) throw invalid(handOverSentence(path), 'handOver');
}

/** An errand goes by itself, begins another cadence than its own, or tells a service that is there. */
async function assertErrands(
  ctx: Context,
  { beats }: CadenceDraft,
  id: string,
  others: readonly queries.StoredCadence[],
): Promise<void> {
  const errands = beats.filter(({ errand }) => errand);
  if (errands.some(({ way, kind }) => way !== 'auto' || kind !== 'other'))
    throw invalid('A beat that is no touch goes by itself.', 'beats');
  const services = errands.length > 0 ? await readServices(ctx.db) : [];
  for (const { errand } of errands) {
    if (errand?.to === 'cadence') {
      if (errand.cadenceId === id) throw invalid('A cadence can’t begin itself.', 'beats');
      if (!others.some((other) => other.id === errand.cadenceId))
        throw invalid('The cadence that a beat begins is gone. Choose another one.', 'beats');
    }
    if (errand?.to === 'service' && !services.some((other) => other.id === errand.serviceId))
      throw invalid('The service that a beat tells is gone. Choose another one.', 'beats');
  }
}

async function assertWords(ctx: Context, draft: CadenceDraft): Promise<void> {
  await assertTemplates(ctx, draft);
  const [fault] = await faultsOfWords(
    ctx,
    draft.beats.flatMap(({ wordings, templateId }) => (templateId ? [] : wordings)),
  );
  if (fault) throw invalid(fault, 'beats');
}

/** Beats say the words of templates that are there and of their kind. */
async function assertTemplates(ctx: Context, { beats }: CadenceDraft): Promise<void> {
  const ids = beats.flatMap(({ templateId }) => templateId ?? []);
  if (ids.length === 0) return;
  const kinds = new Map((await templatesAmong(ctx.db, ids)).map(({ id, kind }) => [id, kind]));
  for (const { kind, templateId } of beats) {
    if (!templateId) continue;
    if (!kinds.has(templateId))
      throw invalid('The template of a beat is gone. Give it other words.', 'beats');
    if (kinds.get(templateId) !== kind)
      throw invalid('The template of a beat is for another way of writing.', 'beats');
  }
}

export async function create(ctx: Context, draft: CadenceDraft) {
  const id = newId(ctx.clock.nowMs());
  await assertRuns(ctx, draft, id);
  return act(ctx, async (tx) => {
    await queries.insertCadence(tx, { ...draft, id });
    await queries.writeBeats(tx, { ...draft, id });
    // Nobody is on it yet.
    return {
      id,
      sentence: `Saved the cadence ${draft.name}`,
      plan: 'nobody',
      topics: ['cadences'],
    };
  });
}

export async function save(ctx: Context, id: string, draft: CadenceDraft & { version: number }) {
  await assertRuns(ctx, draft, id);
  return act(ctx, async (tx) => {
    const before = await queries.findCadence(tx, id);
    if (!before) throw notFound('There is no such cadence.');
    if (!(await queries.updateCadence(tx, { ...draft, id }, draft.version)))
      throw conflict(
        'This cadence was changed in another window meanwhile. What you see now is the newer version; make your change on it.',
      );
    await queries.insertVersion(tx, {
      id: newId(ctx.clock.nowMs()),
      cadenceId: id,
      version: before.version,
      savedAt: ctx.clock.now(),
      draft: toDraft(before),
    });
    await queries.writeBeats(tx, { ...draft, id });
    return {
      sentence: `Saved the cadence ${draft.name}`,
      plan: 'everybody',
      topics: ['cadences', 'services'],
    };
  });
}

const toDraft = (c: queries.StoredCadence): CadenceDraft => ({
  name: c.name,
  advice: c.advice,
  beats: c.beats.map((beat) => ({ ...beat, wordings: [...beat.wordings] })),
  rounds: c.rounds,
  gapDays: c.gapDays,
  followOn: c.followOn,
  handOver: c.handOver,
});

/** A cadence as the API gives it. */
export const toAnswer = (c: queries.StoredCadence) => ({
  ...toDraft(c),
  id: c.id,
  version: c.version,
  active: c.active,
  people: c.people,
  rota: c.rota,
  feed: c.feed,
});

/** One cadence. @throws Refusal where it is not there */
export async function find(ctx: Context, id: string) {
  const cadence = await queries.findCadence(ctx.db, id);
  if (!cadence) throw notFound('There is no such cadence.');
  return cadence;
}

export async function setActive(ctx: Context, id: string, active: boolean) {
  const { name } = await find(ctx, id);
  return act(ctx, async (tx) => {
    await queries.setActive(tx, id, active);
    return {
      sentence: active ? `Switched ${name} on` : `Switched ${name} off`,
      plan: 'everybody',
      topics: ['cadences', 'enrolments'],
    };
  });
}

export async function remove(ctx: Context, id: string) {
  const { name } = await find(ctx, id);
  if (await queries.everEnrolled(ctx.db, id))
    throw conflict(
      'People have been on this cadence, and their stories tell of it. Switch it off instead.',
    );
  const from = (await queries.readCadences(ctx.db)).find(
    (other) => other.id !== id && leadsTo(other, id),
  );
  if (from) throw conflict(`${from.name} hands over to it. Let it hand over to another one first.`);
  return act(ctx, async (tx) => {
    await queries.removeCadence(tx, id);
    return {
      sentence: `Deleted the cadence ${name}`,
      plan: 'nobody',
      topics: ['cadences', 'services'],
    };
  });
}

const leadsTo = (
  { handOver, beats }: Pick<queries.StoredCadence, 'handOver' | 'beats'>,
  id: string,
): boolean =>
  handOver?.cadenceId === id ||
  beats.some(({ errand }) => errand?.to === 'cadence' && errand.cadenceId === id);

export async function versions(ctx: Context, id: string) {
  await find(ctx, id);
  const rows = await queries.versionsOf(ctx.db, id);
  return {
    versions: rows.map(({ version, saved_at, draft }) => ({ version, savedAt: saved_at, draft })),
  };
}
