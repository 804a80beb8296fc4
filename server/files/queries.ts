import type { KeptFile } from '@/contract/files';

import type { Sql } from '../db';

export const insertFile = (
  sql: Sql,
  file: KeptFile & { height: number | null; made_at: string; content: string },
) =>
  sql.query(
    `insert into kept_file (id, name, type, size, width, height, made_at, bytes)
     values ($1::uuid, $2, $3, $4::int, $5::int, $6::int, $7::timestamptz, decode($8, 'base64'))`,
    [file.id, file.name, file.type, file.size, file.width, file.height, file.made_at, file.content],
  );

/** Files without their bytes, in the order of `ids`; those that are not there are left out. */
export const readFiles = (sql: Sql, ids: readonly string[]) =>
  sql.query<KeptFile>(
    `select f.id, f.name, f.type, f.size, f.width from unnest($1::uuid[]) with ordinality as a (id, at)
     join kept_file f on f.id = a.id order by a.at`,
    [ids],
  );

export interface FileBytes {
  id: string;
  name: string;
  type: string;
  /** Base64. */
  content: string;
}

/** Uploaded files with their bytes, in base64. */
export const readBytes = (sql: Sql, ids: readonly string[]) =>
  sql.query<FileBytes>(
    `select f.id, f.name, f.type, encode(f.bytes, 'base64') as content
     from unnest($1::uuid[]) with ordinality as a (id, at) join kept_file f on f.id = a.id order by a.at`,
    [ids],
  );

/** Forgets files made before a day that nothing uses. */
export const forgetUnused = (sql: Sql, before: string) =>
  sql.query(
    `delete from kept_file f where f.made_at < $1::timestamptz
       and not exists (select 1 from template t where f.id = any(t.files) or position(f.id::text in t.wordings::text) > 0)
       and not exists (select 1 from template_version v where position(f.id::text in v.draft::text) > 0)
       and not exists (select 1 from delivery d where f.id = any(d.files))
       and not exists (select 1 from content c where position(f.id::text in c.html) > 0)`,
    [before],
  );
