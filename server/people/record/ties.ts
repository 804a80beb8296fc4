import type { CallInput } from '@/contract/endpoint';
import type { addTie, TieShown } from '@/contract/story';
import { need } from '@/core/need';
import { readDate } from '@/core/time';
import { closesCircle, otherSide, type TieKind, type TieSeen } from '@/core/people';

import { act } from '../../act';
import type { Context } from '../../context';
import { maybeOne, newId, recordset, type Sql } from '../../db';
import { conflict, invalid, notFound } from '../../api';
import { findOrRefuse } from '../find/find';
import { settleHouseholds } from './households';

interface NewTie {
  person_id: string;
  other_id: string | null;
  kind: TieKind;
  other_name?: string;
  birthday?: string | null;
  words?: string;
}

export const insertTie = (sql: Sql, tie: NewTie) =>
  sql.query(
    `insert into tie (id, person_id, other_id, kind, other_name, birthday, words)
     values ($1::uuid, $2::uuid, $3::uuid, $4, $5, $6, $7)`,
    [
      newId(),
      tie.person_id,
      tie.other_id,
      tie.kind,
      tie.other_name ?? '',
      tie.birthday ?? null,
      tie.words ?? '',
    ],
  );

/** Writes ties between people who have none like them; circles are not looked for. */
export const insertTies = async (sql: Sql, ties: readonly NewTie[]): Promise<void> => {
  if (ties.length === 0) return;
  await sql.query(
    `insert into tie (id, person_id, other_id, kind, other_name, birthday, words)
     select id, person_id, other_id, kind, coalesce(other_name, ''), birthday, coalesce(words, '')
     from json_to_recordset($1::json) as t (id uuid, person_id uuid, other_id uuid, kind text, other_name text,
       birthday text, words text)
     on conflict do nothing`,
    [recordset(ties.map((tie) => ({ id: newId(), ...tie })))],
  );
};

interface TieRow {
  of: string;
  id: string;
  kind: TieKind;
  mine: boolean;
  words: string;
  other_id: string | null;
  name: string;
  birthday: string | null;
}

/** The ties of people, those made on the other's sheet seen from this side. */
export async function tiesOfMany(
  sql: Sql,
  personIds: readonly string[],
): Promise<Map<string, TieShown[]>> {
  const rows = await sql.query<TieRow>(
    `select w.of, t.id, t.kind, t.person_id = w.of as mine, t.words, o.id as other_id,
       coalesce(o.name, t.other_name) as name, coalesce(o.birthday, t.birthday) as birthday
     from unnest($1::uuid[]) as w (of) join tie t on t.person_id = w.of or t.other_id = w.of
     left join person o on o.id = case when t.person_id = w.of then t.other_id else t.person_id end
     where o.deleted_on is null order by t.id`,
    [personIds],
  );
  const ties = new Map<string, TieShown[]>();
  for (const { of, mine, other_id, kind, ...row } of rows) {
    const shown = { ...row, kind: mine ? kind : otherSide(kind), otherId: other_id };
    ties.set(of, [...(ties.get(of) ?? []), shown]);
  }
  return ties;
}

/** The ties of a person, as seen from them. */
export const tiesOf = async (sql: Sql, personId: string): Promise<TieShown[]> =>
  (await tiesOfMany(sql, [personId])).get(personId) ?? [];

const SYMMETRIC: ReadonlySet<TieSeen> = new Set(['partner', 'sibling', 'friend', 'colleague']);

export async function add(
  ctx: Context,
  personId: string,
  body: NonNullable<CallInput<typeof addTie>['body']>,
) {
  const { kind, otherId = null, otherName = '', birthday = null, words = '' } = body;
  if (otherId === personId) throw invalid('Nobody can be tied to themselves.', 'otherId');
  if (!otherId && !otherName.trim()) throw invalid('Choose or name the other one.', 'otherName');
  if (birthday && !readDate(birthday))
    throw invalid(`There is no ${birthday} in the calendar.`, 'birthday');
  return act(ctx, async (tx) => {
    const person = await findOrRefuse(tx, personId);
    const other = otherId ? await findOrRefuse(tx, otherId) : null;
    // 'parent' and 'referred' are kept from the other side, which must then be on record.
    const reversed = kind === 'parent' || kind === 'referred';
    if (reversed && !other)
      throw invalid('Add them to the sphere first, then tie the two.', 'otherId');
    const kept = (reversed ? otherSide(kind) : kind) as TieKind;
    const [from, to] = reversed ? [need(otherId), personId] : [personId, otherId];
    const otherWords = other?.name ?? otherName;
    if (to) {
      await assertNew(tx, from, to, kept, `${person.name} and ${otherWords}`);
      await assertNoCircle(tx, from, to, kept, person.name, otherWords);
    }
    await insertTie(tx, {
      person_id: from,
      other_id: to,
      kind: kept,
      other_name: to ? '' : otherName.trim(),
      birthday: to ? null : birthday,
      words,
    });
    const home = kept === 'partner' && to ? await settleHouseholds(tx, [from, to]) : [];
    return {
      sentence: `Tied ${person.name} and ${otherWords}`,
      plan: home.length > 0 ? home : 'nobody',
      topics: ['people'],
    };
  });
}

async function assertNew(tx: Sql, from: string, to: string, kind: TieKind, who: string) {
  const there = await maybeOne(
    tx,
    `select 1 from tie where kind = $3 and ((person_id = $1::uuid and other_id = $2::uuid)
       or ($4::boolean and person_id = $2::uuid and other_id = $1::uuid))`,
    [from, to, kind, SYMMETRIC.has(kind)],
  );
  if (there) throw conflict(`${who} are tied like this already.`);
  if (kind !== 'referred_by') return;
  const sender = await maybeOne(
    tx,
    `select 1 from tie where kind = 'referred_by' and person_id = $1::uuid and other_id is not null`,
    [from],
  );
  if (sender) throw conflict('Somebody sent them already. Take that tie away first.');
}

async function assertNoCircle(
  tx: Sql,
  from: string,
  to: string,
  kind: TieKind,
  name: string,
  other: string,
) {
  if (kind !== 'child' && kind !== 'referred_by') return;
  const ties = await tx.query<{ from: string; to: string }>(
    'select person_id as from, other_id as to from tie where kind = $1 and other_id is not null',
    [kind],
  );
  if (!closesCircle(ties, from, to)) return;
  throw invalid(
    kind === 'child'
      ? `${name} and ${other} can't each be the other's parent or forebear.`
      : `${name} and ${other} can't have sent each other.`,
    'otherId',
  );
}

export async function remove(ctx: Context, id: string) {
  return act(ctx, async (tx) => {
    const rows = await tx.query('delete from tie where id = $1::uuid returning id', [id]);
    if (rows.length === 0) throw notFound('This tie is not there any more.');
    return { sentence: 'Took the tie away', plan: 'nobody', topics: ['people'] };
  });
}
