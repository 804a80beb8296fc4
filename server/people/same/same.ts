import type { PersonDraft } from '@/contract/record';
import type { LookAlike } from '@/contract/people';
import { coupleNamed, type SplitName } from '@/core/intake';
import { need } from '@/core/need';
import { displayName, NOBODY } from '@/core/people';
import { compare, matchKeys, traitsOf, type Known, type Pair, type TraitFields } from '@/core/same';
import { plainDate } from '@/core/time';

import { act } from '../../act';
import type { Context } from '../../context';
import { maybeOne, newId, type Sql } from '../../db';
import { invalid, notFound } from '../../api';
import { draftFields } from '../record/clean-fields';
import { contractFields } from '../record/records';

const TRAIT_COLUMNS = `id, name, prefix, given_name as "givenName", middle_name as "middleName",
  family_name as "familyName", suffix, goes_by as "goesBy", company, emails, phones, addresses, birthday`;

type TraitRow = TraitFields & { id: string; name: string };
const toKnown = (row: TraitRow): Known => ({ id: row.id, traits: traitsOf(row) });

const LOOK_ALIKES_SHOWN = 5;

/** Who in the sphere may be the person described, the likeliest first. */
export async function lookAlikes(
  sql: Sql,
  given: Partial<TraitFields>,
  exceptId: string | null = null,
): Promise<LookAlike[]> {
  const traits = traitsOf({ ...NOBODY, ...given });
  const rows = await sql.query<TraitRow>(
    `select ${TRAIT_COLUMNS} from person
     where match_keys && $1::text[] and deleted_on is null and id is distinct from $2::uuid limit 500`,
    [matchKeys(traits), exceptId],
  );
  return rows
    .map((row) => ({ row, found: compare(traits, traitsOf(row)) }))
    .filter(({ found }) => found.verdict !== 'different')
    .sort((a, b) => b.found.score - a.found.score)
    .slice(0, LOOK_ALIKES_SHOWN)
    .map(({ row, found }) => ({
      id: row.id,
      name: row.name,
      verdict: found.verdict as 'sure' | 'ask',
      evidence: found.evidence,
    }));
}

export const draftLookAlikes = (ctx: Context, draft: PersonDraft) =>
  lookAlikes(ctx.db, draftFields(draft) as Partial<TraitFields>);

const READ_AT_ONCE = 1_000;

/** Everybody as detection sees them, in the order of their ids; read in parts, so that others are served. */
export async function readKnown(sql: Sql): Promise<Known[]> {
  const known: Known[] = [];
  for (let after: string | null = null; ; after = need(known.at(-1)).id) {
    const rows: TraitRow[] = await sql.query<TraitRow>(
      `select ${TRAIT_COLUMNS} from person
       where deleted_on is null and ($1::uuid is null or id > $1::uuid) order by id limit $2::int`,
      [after, READ_AT_ONCE],
    );
    known.push(...rows.map(toKnown));
    if (rows.length < READ_AT_ONCE) return known;
    await new Promise(setImmediate);
  }
}

/** Those who share a key with somebody coming in. */
export const readKnownByKeys = async (sql: Sql, keys: readonly string[]): Promise<Known[]> =>
  (
    await sql.query<TraitRow>(
      `select ${TRAIT_COLUMNS} from person
       where deleted_on is null and match_keys && $1::text[] order by id`,
      [keys],
    )
  ).map(toKnown);

const kept = new WeakMap<Context, { count: number; pairs: Promise<Pair[]> }>();

/** All pairs to be looked at; computed again only after something was written. */
export function samePairs(ctx: Context): Promise<Pair[]> {
  const before = kept.get(ctx);
  const count = ctx.writes.countOf('people');
  if (before?.count === count) return before.pairs;
  const pairs = readPairs(ctx);
  kept.set(ctx, { count, pairs });
  pairs.catch(() => kept.delete(ctx));
  return pairs;
}

async function readPairs({ db: sql, threads }: Context): Promise<Pair[]> {
  const apart = new Set(
    (await sql.query<{ a: string; b: string }>('select a, b from not_same')).map(
      ({ a, b }) => `${a} ${b}`,
    ),
  );
  const pairs = await threads.run('findSame', { people: await readKnown(sql) });
  return pairs.filter(({ a, b }) => !apart.has(inOrder(a, b).join(' ')));
}

const inOrder = (a: string, b: string): [string, string] => (a < b ? [a, b] : [b, a]);

function sideFields(row: Record<string, unknown>) {
  const fields = contractFields(row);
  const couple = coupleNamed(fields);
  return { fields, couple: couple && (couple.map(nameOf) as [string, string]) };
}
const nameOf = (name: SplitName) => displayName({ ...NOBODY, ...name });

async function sidesOf(sql: Sql, ids: readonly string[]) {
  const rows = await sql.query<Record<string, unknown> & { id: string; name: string }>(
    `select p.*, c.name as circle,
       (select count(*)::int from touch t where t.person_id = p.id) as touches,
       (select count(*)::int from note n where n.person_id = p.id) as notes
     from person p left join circle c on c.id = p.circle_id
     where p.id = any($1::uuid[]) and p.deleted_on is null`,
    [ids],
  );
  return new Map(
    rows.map((row) => [
      row.id,
      {
        id: row.id,
        name: row.name,
        circle: row.circle as string | null,
        addedOn: plainDate(row.added_on as string),
        touches: row.touches as number,
        notes: row.notes as number,
        ...sideFields(row),
      },
    ]),
  );
}

export async function list(ctx: Context, limit: number) {
  const pairs = await samePairs(ctx);
  const shown = pairs.slice(0, limit);
  const sides = await sidesOf(
    ctx.db,
    shown.flatMap(({ a, b }) => [a, b]),
  );
  return {
    sure: pairs.filter(({ verdict }) => verdict === 'sure').length,
    ask: pairs.filter(({ verdict }) => verdict === 'ask').length,
    pairs: shown.map(({ a, b, verdict, evidence }) => ({
      a: need(sides.get(a)),
      b: need(sides.get(b)),
      verdict: verdict as 'sure' | 'ask',
      evidence,
    })),
  };
}

export async function pair(ctx: Context, a: string, b: string) {
  if (a === b) throw invalid('Choose two different people.', 'b');
  const sides = await sidesOf(ctx.db, [a, b]);
  const [one, other] = [sides.get(a), sides.get(b)];
  if (!one || !other) throw notFound('One of the two is not in your sphere any more.');
  const { verdict, evidence } = compare(traitsOf(one.fields), traitsOf(other.fields));
  return { a: one, b: other, verdict, evidence };
}

export async function keepApart(ctx: Context, a: string, b: string) {
  if (a === b) throw invalid('Choose two different people.', 'b');
  return act(ctx, async (tx) => {
    const names = await tx.query<{ name: string }>(
      'select name from person where id = any($1::uuid[]) order by id',
      [[a, b]],
    );
    if (names.length < 2) throw notFound('One of the two is not in your sphere any more.');
    const [low, high] = inOrder(a, b);
    const there = await maybeOne(tx, 'select 1 from not_same where a = $1::uuid and b = $2::uuid', [
      low,
      high,
    ]);
    if (!there)
      await tx.query('insert into not_same (id, a, b) values ($1::uuid, $2::uuid, $3::uuid)', [
        newId(),
        low,
        high,
      ]);
    return {
      sentence: `${need(names[0]).name} and ${need(names[1]).name} are two people`,
      plan: 'nobody',
      topics: ['people'],
    };
  });
}
