import { maybeOne, recordset, type Sql } from '../../db';

export interface NoteRecord {
  id: string;
  person_id: string;
  on_day: string;
  body: string;
  search_text: string;
  pinned: boolean;
  tags: string[];
}

export interface VersionedNote extends NoteRecord {
  version: number;
}

/** Adds notes. */
export const insertNotes = (sql: Sql, notes: readonly NoteRecord[]) =>
  sql.query(
    `insert into note (id, person_id, on_day, body, search_text, pinned, tags)
     select * from json_to_recordset($1::json) as r (id uuid, person_id uuid, on_day date, body text,
       search_text text, pinned boolean, tags text[])`,
    [recordset(notes)],
  );

/** The notes of a person, pinned ones first. */
export const notesOf = (sql: Sql, personId: string) =>
  sql.query<VersionedNote>(
    `select id, version, person_id, on_day, body, search_text, pinned, tags from note
     where person_id = $1::uuid order by pinned desc, on_day desc, id desc limit 500`,
    [personId],
  );

export const findNote = (sql: Sql, id: string) =>
  maybeOne<VersionedNote & { name: string }>(
    sql,
    'select n.*, p.name from note n join person p on p.id = n.person_id where n.id = $1::uuid',
    [id],
  );

/** Writes a note if it is still at its version; answers whether it was. */
export const updateNote = async (sql: Sql, note: VersionedNote): Promise<boolean> =>
  (
    await sql.query(
      `update note set on_day = $2::date, body = $3, search_text = $4, pinned = $5, tags = $6::text[],
         version = version + 1 where id = $1::uuid and version = $7::int returning id`,
      [note.id, note.on_day, note.body, note.search_text, note.pinned, note.tags, note.version],
    )
  ).length > 0;

export const deleteNote = (sql: Sql, id: string) =>
  sql.query('delete from note where id = $1::uuid', [id]);
