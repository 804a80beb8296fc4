import { NOBODY, type Reach } from '@/core/people';
import { matchKeys, samePhone, traitsOf } from '@/core/same';

import { maybeOne, type Sql } from '../../db';
import type { MessageKind as Kind } from '../kinds';

/**
 * Whose address or number it is, of those who are here: by the keys that people are looked up by, then
 * exactly. Nobody, one, or those who share it.
 */
export async function peopleAt(sql: Sql, kind: Kind, address: string): Promise<string[]> {
  const reach = [{ value: address, label: '' }];
  const asked = traitsOf({
    ...NOBODY,
    ...(kind === 'email' ? { emails: reach } : { phones: reach }),
  });
  const keys = matchKeys(asked);
  if (address === '' || keys.length === 0) return [];
  const rows = await sql.query<{ id: string; phones: Reach[] }>(
    `select id, phones from person where match_keys && $1::text[] and deleted_on is null order by id`,
    [keys],
  );
  const [number] = asked.phones;
  return rows
    .filter(
      ({ phones }) =>
        number === undefined ||
        traitsOf({ ...NOBODY, phones }).phones.some((one) => samePhone(one, number)),
    )
    .map(({ id }) => id);
}

/** Of several who share a number: whoever was texted there last. */
export const lastTexted = async (sql: Sql, from: string): Promise<string | null> =>
  (
    await sql.query<{ person_id: string }>(
      `select person_id from delivery where channel = 'text' and state = 'sent'
         and right(regexp_replace(addresses[1], '[^0-9]', '', 'g'), 7) = right(regexp_replace($1, '[^0-9]', '', 'g'), 7)
       order by sent_at desc limit 1`,
      [from],
    )
  )[0]?.person_id ?? null;

export const lastMessageTo = async (sql: Sql, personId: string, kind: Kind) =>
  (
    await sql.query<{ id: string }>(
      `select id from delivery where person_id = $1::uuid and channel = $2 and state = 'sent'
       order by sent_at desc limit 1`,
      [personId, kind],
    )
  )[0]?.id ?? null;

export interface NewIncoming {
  key: string;
  kind: Kind;
  from_address: string;
  from_name: string;
  subject: string;
  words: string;
  at: string;
  verdict: 'answer' | 'automatic' | 'report' | 'opt_out' | 'opt_in';
  person_id: string | null;
  delivery_id: string | null;
}

/** Notes what came in; answers whether it is new. */
export const insertIncoming = async (
  sql: Sql,
  row: NewIncoming & { id: string },
): Promise<boolean> =>
  (
    await sql.query(
      `insert into incoming (id, key, kind, from_address, from_name, subject, words, at, verdict, person_id, delivery_id)
       values ($1::uuid, $2, $3, $4, $5, $6, $7, $8::timestamptz, $9, $10::uuid, $11::uuid)
       on conflict (key) do nothing returning id`,
      [
        row.id,
        row.key,
        row.kind,
        row.from_address,
        row.from_name,
        row.subject,
        row.words,
        row.at,
        row.verdict,
        row.person_id,
        row.delivery_id,
      ],
    )
  ).length === 1;

export type IncomingRow = NewIncoming & { id: string; name: string | null };

const SHOWN = `select i.*, p.name from incoming i left join person p on p.id = i.person_id`;

export const findIncoming = (sql: Sql, id: string) =>
  maybeOne<IncomingRow>(sql, `${SHOWN} where i.id = $1::uuid`, [id]);

export const latestIncoming = (sql: Sql, limit: number) =>
  sql.query<IncomingRow>(
    `${SHOWN} where i.person_id is not null and p.deleted_on is null order by i.at desc, i.id desc limit $1::int`,
    [limit],
  );

/** What people sent of whom it is not known who they are. */
export const unknownIncoming = (sql: Sql, limit: number) =>
  sql.query<IncomingRow>(
    `${SHOWN} where i.person_id is null and not i.put_away and i.verdict in ('answer', 'opt_out')
     order by i.at desc, i.id desc limit $1::int`,
    [limit],
  );

export const putAway = (sql: Sql, id: string) =>
  sql.query('update incoming set put_away = true where id = $1::uuid', [id]);

export const placeWith = (sql: Sql, id: string, personId: string) =>
  sql.query('update incoming set person_id = $2::uuid where id = $1::uuid and person_id is null', [
    id,
    personId,
  ]);

export const answerOf = async (sql: Sql, personId: string, channel: string) =>
  (
    await sql.query<{ answer: string | null }>(
      `select consent -> $2::text ->> 'answer' as answer from person where id = $1::uuid`,
      [personId, channel],
    )
  )[0]?.answer ?? null;

export const setConsent = (
  sql: Sql,
  personId: string,
  channel: string,
  consent: { answer: string; on: string; cameFrom: string },
) =>
  sql.query(
    `update person set consent = consent || jsonb_build_object($2::text, $3::jsonb), version = version + 1
     where id = $1::uuid`,
    [personId, channel, JSON.stringify(consent)],
  );

/** Answers of people who are here that are no touch yet. */
export const untouchedAnswers = (sql: Sql) =>
  sql.query<
    Pick<NewIncoming, 'key' | 'kind' | 'at' | 'delivery_id'> & { id: string; person_id: string }
  >(
    `select i.id, i.key, i.kind, i.at, i.delivery_id, i.person_id from incoming i
     join person p on p.id = i.person_id and p.deleted_on is null
     where i.verdict = 'answer' and i.touch_id is null order by i.at, i.id limit 200`,
  );

/** Claims an answer for a touch, once; returns whether it had none. */
export const claimAnswer = async (sql: Sql, id: string, touchId: string): Promise<boolean> =>
  (
    await sql.query(
      'update incoming set touch_id = $2::uuid where id = $1::uuid and touch_id is null returning id',
      [id, touchId],
    )
  ).length === 1;

/** What came in from a person, the latest first. */
export const heardFrom = (sql: Sql, personId: string) =>
  sql.query<{ id: string; at: string; verdict: string; words: string; subject: string }>(
    `select id, at, verdict, words, subject from incoming
     where person_id = $1::uuid and verdict in ('answer', 'automatic', 'opt_out') order by at desc limit 200`,
    [personId],
  );
