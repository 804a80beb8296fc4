import type { FieldType } from '@/core/people';
import type { PlainDate } from '@/core/time';

import type { Context } from '../context';
import type { Sql } from '../db';
import { slot } from '../house';

/** One line of a person's story that is no touch and no note. */
export interface StoryEvent {
  id: string;
  on: PlainDate;
  kind: 'cadence' | 'skipped' | 'message';
  words: string;
  /** The message that it tells of. */
  messageId?: string;
}

/** What a subject has to tell in the story of a person. */
export type StoryPart = (ctx: Context, personId: string) => Promise<StoryEvent[]>;

/** What other subjects tell in a person's story. */
export const STORY_PARTS = slot<StoryPart>('story parts');

/**
 * Something that a subject knows of each person. Declared once, it can be filtered by, exported as a
 * column, and written into words as a merge field.
 */
export interface Fact {
  /** Unique among facts; also the merge field: {{ gifts }}. */
  key: string;
  label: string;
  /** How it is asked about; what `sql` answers must be of that type. */
  type: Extract<FieldType, 'text' | 'number' | 'date' | 'flag'>;
  /** An expression over `person p`. */
  sql: string;
}

/** Facts about people that other subjects provide, for filters, columns and merge fields. */
export const FACTS = slot<Fact>('facts');

/** The facts of one person as text, by key; null where there is none. */
export type FactValues = Readonly<Record<string, string | null>>;

/** What subjects know of these people, by their id; nobody is in it while nothing is. */
export async function readFacts(
  { house }: Context,
  sql: Sql,
  ids: readonly string[],
): Promise<Map<string, FactValues>> {
  const facts = house.of(FACTS);
  if (facts.length === 0) return new Map();
  const values = facts.map(({ sql: value }) => `(${value})::text`).join(', ');
  const rows = await sql.query<{ id: string; values: (string | null)[] }>(
    `select p.id, array[${values}] as values from person p where p.id = any($1::uuid[])`,
    [ids],
  );
  return new Map(
    rows.map((row) => [
      row.id,
      Object.fromEntries(facts.map(({ key }, i) => [key, row.values[i] ?? null])),
    ]),
  );
}
