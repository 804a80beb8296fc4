/** What an item's key says: its source, the id of what it is of, and which part of that. */
export interface KeyParts {
  source: string;
  of: string;
  part: string;
}

/**
 * The key by which marks and pins find an item again in every plan. The twin in SQL are the
 * computed columns of item_mark (server/db/migrations/005-house.sql).
 *
 * @param of a uuid: the enrolment, the follow-up, the person
 */
export const itemKey = (source: string, of: string, part: string | number = ''): string =>
  part === '' ? `${source}:${of}` : `${source}:${of}:${part}`;

export function readKey(key: string): KeyParts {
  const [source = '', of = '', ...part] = key.split(':');
  return { source, of, part: part.join(':') };
}
