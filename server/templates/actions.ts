import type { Template, TemplateDraft } from '@/contract/templates';
import { MOST_FILES_BYTES } from '@/contract/files';
import {
  faultSentence,
  fieldLabel,
  MERGE_FIELDS,
  ownFieldName,
  templateFaults,
} from '@/core/templates';

import { act } from '../act';
import { conflict, invalid, notFound } from '../api';
import type { Context } from '../context';
import { newId, type Sql } from '../db';
import { readFiles } from '../files';
import { readOwnFields } from '../lists';
import { FACTS } from '../people';
import * as queries from './queries';
import type { TemplateRow } from './queries';
import { cleanRich, plainOf } from './rich';

/** Whether a field is one that words may ask for. */
export async function knownFields(ctx: Context): Promise<(field: string) => boolean> {
  const own = await readOwnFields(ctx.db);
  const known = new Set([
    ...MERGE_FIELDS.map(({ key }) => key),
    ...own.map(({ name }) => ownFieldName(name)),
    ...ctx.house.of(FACTS).map(({ key }) => key),
  ]);
  return (field) => known.has(field);
}

/** What is wrong with words whoever reads them, in sentences. */
export async function faultsOfWords(ctx: Context, texts: readonly string[]): Promise<string[]> {
  const isKnown = await knownFields(ctx);
  return texts.flatMap((text) =>
    templateFaults(text, isKnown).map((fault) => faultSentence(fault, fieldLabel)),
  );
}

/** Rich words without what does not belong in them, the plain ones made of them. */
export function tidied<W extends { words: string; html: string }>(wording: W): W {
  const html = cleanRich(wording.html);
  return { ...wording, html, words: html ? plainOf(html) : wording.words };
}

async function checked(ctx: Context, draft: TemplateDraft): Promise<TemplateDraft> {
  const isEmail = draft.kind === 'email';
  const wordings = draft.wordings.map((one) =>
    tidied({ ...one, subject: isEmail ? one.subject : '', html: isEmail ? one.html : '' }),
  );
  if (wordings.some(({ words, html }) => words === '' && !html.includes('<img')))
    throw invalid('A wording without words can’t be kept.', 'wordings');
  const [fault] = await faultsOfWords(
    ctx,
    wordings.flatMap(({ subject, words, html }) => [subject, html || words]),
  );
  if (fault) throw invalid(fault, 'wordings');
  const files = isEmail ? draft.files : [];
  await assertFiles(ctx.db, files);
  return { ...draft, wordings, files };
}

/** Refuses files that are not there, or are too much together for mail servers to take. */
export async function assertFiles(sql: Sql, ids: readonly string[]): Promise<void> {
  if (ids.length === 0) return;
  const found = await readFiles(sql, ids);
  if (found.length < ids.length)
    throw invalid('A file that goes with it is not there any more. Add it once more.', 'files');
  if (found.reduce((sum, { size }) => sum + size, 0) > MOST_FILES_BYTES)
    throw invalid(
      `The files are larger than ${MOST_FILES_BYTES / 1024 / 1024} MB together, which many mail servers refuse. Leave one out, or send a link to it.`,
      'files',
    );
}

async function toAnswer(sql: Sql, row: TemplateRow): Promise<Template> {
  const { used_by: usedBy, files, ...rest } = row;
  return { ...rest, usedBy, files: files.length > 0 ? await readFiles(sql, files) : [] };
}

export async function list(ctx: Context): Promise<{ templates: Template[] }> {
  const templates = [];
  for (const row of await queries.readTemplates(ctx.db))
    templates.push(await toAnswer(ctx.db, row));
  return { templates };
}

async function findOrRefuse(ctx: Context, id: string): Promise<TemplateRow> {
  const row = await queries.findTemplate(ctx.db, id);
  if (!row) throw notFound('There is no such template.');
  return row;
}

export const find = async (ctx: Context, id: string): Promise<Template> =>
  toAnswer(ctx.db, await findOrRefuse(ctx, id));

export async function add(ctx: Context, given: TemplateDraft) {
  const draft = await checked(ctx, given);
  const id = newId(ctx.clock.nowMs());
  return act(ctx, async (tx) => {
    await queries.insertTemplate(tx, { ...draft, id });
    return {
      id,
      sentence: `Kept the template ${draft.name}`,
      plan: 'nobody',
      topics: ['templates'],
    };
  });
}

export async function save(ctx: Context, id: string, given: TemplateDraft & { version: number }) {
  const draft = await checked(ctx, given);
  const before = await findOrRefuse(ctx, id);
  if (before.kind !== draft.kind && before.used_by.length > 0)
    throw invalid('Beats use it: it stays what it is. Copy it to make another of it.', 'kind');
  return act(ctx, async (tx) => {
    if (!(await queries.updateTemplate(tx, { ...draft, id }, given.version)))
      throw conflict(
        'This template was changed in another window meanwhile. What you see now is the newer version; make your change on it.',
      );
    await queries.insertVersion(tx, {
      id: newId(ctx.clock.nowMs()),
      templateId: id,
      version: before.version,
      savedAt: ctx.clock.now(),
      draft: draftOf(before),
    });
    // The words of beats are the template's; when they come is not changed by it.
    return {
      sentence: `Changed the template ${draft.name}`,
      plan: 'nobody',
      topics: ['templates', 'cadences', 'plan'],
    };
  });
}

const draftOf = ({ kind, name, wordings, files }: TemplateRow): TemplateDraft => ({
  kind,
  name,
  wordings,
  files,
});

export async function remove(ctx: Context, id: string) {
  const { name, used_by: usedBy } = await findOrRefuse(ctx, id);
  if (usedBy.length > 0)
    throw conflict(
      `${usedBy.map((use) => use.name).join(', ')} says its words. Give the beats other words first.`,
    );
  return act(ctx, async (tx) => {
    await queries.removeTemplate(tx, id);
    return { sentence: `Deleted the template ${name}`, plan: 'nobody', topics: ['templates'] };
  });
}

export async function versions(ctx: Context, id: string) {
  await findOrRefuse(ctx, id);
  const rows = await queries.versionsOf(ctx.db, id);
  return {
    versions: rows.map(({ version, saved_at, draft }) => ({ version, savedAt: saved_at, draft })),
  };
}
