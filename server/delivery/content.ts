import { createHash } from 'node:crypto';

import { fieldsOf, fillRich, type MergeValues } from '@/core/templates';

import { newId, recordset, type Sql } from '../db';
import type { DeliveryRow } from './row';

const digestOf = (html: string): string => createHash('sha256').update(html).digest('hex');

/** Stores rich words, each once, and returns their ids. */
export async function storeContents(
  sql: Sql,
  all: readonly string[],
): Promise<Map<string, string>> {
  const distinct = [...new Set(all.filter(Boolean))];
  if (distinct.length === 0) return new Map();
  const rows = distinct.map((html) => ({ id: newId(), digest: digestOf(html), html }));
  const stored = await sql.query<{ id: string; digest: string }>(
    `with fresh as (
       insert into content (id, digest, html)
       select id, digest, html from json_to_recordset($1::json) as r (id uuid, digest text, html text)
       on conflict (digest) do nothing returning id, digest)
     select id, digest from fresh
     union all select c.id, c.digest from content c where c.digest = any($2::text[])`,
    [recordset(rows), rows.map(({ digest }) => digest)],
  );
  const ids = new Map(stored.map(({ id, digest }) => [digest, id]));
  return new Map(
    rows.flatMap(({ html, digest }) => {
      const id = ids.get(digest);
      return id ? [[html, id] as const] : [];
    }),
  );
}

/** Rich words by their ids. */
export const readContents = async (
  sql: Sql,
  ids: readonly string[],
): Promise<Map<string, string>> =>
  ids.length === 0
    ? new Map()
    : new Map(
        (
          await sql.query<{ id: string; html: string }>(
            'select id, html from content where id = any($1::uuid[])',
            [[...new Set(ids)]],
          )
        ).map(({ id, html }) => [id, html]),
      );

/** Of the values, those that rich words ask for. */
export const valuesFor = (html: string, values: MergeValues): MergeValues =>
  Object.fromEntries(fieldsOf(html).map((field) => [field, values[field] ?? null]));

/** The rich words of a delivery as its reader gets them. */
export function filledHtml(
  { merge_values: values }: Pick<DeliveryRow, 'merge_values'>,
  html: string,
): string {
  if (values === null || html === '') return html;
  const filled = fillRich(html, values);
  // What can't be filled in is held and shows the words as they were written.
  return filled.ok ? filled.text : html;
}

/** The rich words of deliveries, by their ids; filled in. */
export async function htmlOf(
  sql: Sql,
  rows: readonly Pick<DeliveryRow, 'id' | 'content_id' | 'merge_values'>[],
): Promise<Map<string, string>> {
  const contents = await readContents(
    sql,
    rows.flatMap(({ content_id }) => content_id ?? []),
  );
  return new Map(
    rows.map((row) => [
      row.id,
      filledHtml(row, row.content_id ? (contents.get(row.content_id) ?? '') : ''),
    ]),
  );
}
