import type { Template, TemplateDraft } from '@/contract/templates';

import { act } from '../act';
import { conflict, invalid, notFound } from '../api';
import type { Context } from '../context';
import { newId, type Sql } from '../db';
import { readFiles } from '../files';
import * as queries from './queries';
import type { TemplateRow } from './queries';
import { assertFiles, faultsOfWords, tidiedOrRefused } from './words';

async function checked(ctx: Context, draft: TemplateDraft): Promise<TemplateDraft> {
  const wordings = draft.wordings.map((one) => tidiedOrRefused(draft.kind, one));
  const [fault] = await faultsOfWords(
    ctx,
    wordings.flatMap(({ subject, words, html }) => [subject, html || words]),
  );
  if (fault) throw invalid(fault, 'wordings');
  const files = draft.kind === 'email' ? draft.files : [];
  await assertFiles(ctx.db, files);
  return { ...draft, wordings, files };
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
    // The words of beats are the template's: whoever waits for one reads the new ones.
    return {
      sentence: `Changed the template ${draft.name}`,
      plan: before.used_by.length > 0 ? 'everybody' : 'nobody',
      topics: ['templates', 'cadences'],
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
