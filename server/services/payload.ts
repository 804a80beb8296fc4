import { one, type Sql } from '../db';

export interface About {
  personId: string;
  /** Cadence and words of the beat that tells of them. */
  cadence: string;
  words: string;
  /** The day of the beat. */
  on: string;
}

/** What a service is told of a person: who they are, how to reach them, and the words of the beat. */
export async function payloadOf(sql: Sql, type: 'beat' | 'trial', at: string, about: About) {
  const person = await one<Record<string, string>>(
    sql,
    `select id, name, coalesce(nullif(goes_by, ''), given_name) as "firstName", family_name as "lastName",
       company, email, phone, address_line as address, place
     from person where id = $1::uuid`,
    [about.personId],
  );
  const { cadence, words, on } = about;
  return { type: `penpal.${type}`, timestamp: at, data: { person, cadence, words, on } };
}
