import { salutations, type Member } from '@/core/people';

import { act } from '../../act';
import type { Context } from '../../context';
import { newId, one, type Sql } from '../../db';
import { conflict, invalid, notFound } from '../../api';
import { findOrRefuse } from '../find/find';

interface HomeRow {
  id: string;
  household_id: string | null;
  /** Empty for who has no mailing address, or an office for one. */
  home_key: string;
}

const HOME = 'id, household_id, home_key';

/**
 * Puts people into the household of whom they live with: a partner, or somebody at the same mailing
 * address. Who was split off by hand, or is in a household already, stays as they are. Answers who
 * came into a household by it.
 */
export async function settleHouseholds(tx: Sql, ids: readonly string[]): Promise<string[]> {
  const rows = await tx.query<HomeRow>(
    `select ${HOME} from person
     where id = any($1::uuid[]) and household_id is null and not lives_apart
       and archived_on is null and deleted_on is null`,
    [ids],
  );
  const partners = await partnersOf(
    tx,
    rows.map(({ id }) => id),
  );
  const keys = [...new Set(rows.map((row) => row.home_key).filter(Boolean))];
  if (keys.length === 0 && partners.size === 0) return [];
  const neighbours = await tx.query<HomeRow>(
    `select ${HOME} from person where home_key = any($1::text[]) and home_key <> '' and not lives_apart
       and archived_on is null and deleted_on is null order by id`,
    [keys],
  );
  const atHome = new Map<string, HomeRow[]>();
  for (const row of neighbours)
    atHome.set(row.home_key, [...(atHome.get(row.home_key) ?? []), row]);
  const settled = new Map<string, string>();
  const made: string[] = [];
  const householdOf = (row: HomeRow) => settled.get(row.id) ?? row.household_id;
  for (const row of rows) {
    if (householdOf(row)) continue;
    const others = [
      ...(partners.get(row.id) ?? []),
      ...(atHome.get(row.home_key) ?? []).filter(({ id }) => id !== row.id),
    ];
    const [other] = others;
    if (!other) continue;
    const there = others.map(householdOf).find(Boolean);
    const household = there ?? newId();
    if (!there) made.push(household);
    for (const one of [row, ...others]) if (!householdOf(one)) settled.set(one.id, household);
  }
  await makeHouseholds(tx, made);
  await writeHouseholds(tx, settled);
  return [...settled.keys()];
}

async function partnersOf(tx: Sql, ids: readonly string[]): Promise<Map<string, HomeRow[]>> {
  const rows = await tx.query<HomeRow & { of: string }>(
    `select t.of, p.id, p.household_id, p.home_key from (
       select person_id as of, other_id as id from tie where kind = 'partner' and person_id = any($1::uuid[])
       union select other_id, person_id from tie where kind = 'partner' and other_id = any($1::uuid[])) t
     join person p on p.id = t.id and not p.lives_apart and p.archived_on is null and p.deleted_on is null`,
    [ids],
  );
  const map = new Map<string, HomeRow[]>();
  for (const row of rows) map.set(row.of, [...(map.get(row.of) ?? []), row]);
  return map;
}

const makeHouseholds = (tx: Sql, ids: readonly string[]) =>
  tx.query('insert into household (id) select unnest($1::uuid[])', [ids]);

const writeHouseholds = (tx: Sql, settled: ReadonlyMap<string, string>) =>
  settled.size === 0
    ? Promise.resolve([])
    : tx.query(
        `update person p set household_id = r.household
         from unnest($1::uuid[], $2::uuid[]) as r (id, household) where p.id = r.id`,
        [[...settled.keys()], [...settled.values()]],
      );

/** Somebody and who shares their home. */
export const homeOf = async (sql: Sql, personId: string): Promise<string[]> =>
  (
    await sql.query<{ id: string }>(
      `select p.id from person p where p.id = $1::uuid
         or p.household_id = (select household_id from person where id = $1::uuid)`,
      [personId],
    )
  ).map(({ id }) => id);

/** A household with its members; null for none. */
export async function householdOf(sql: Sql, id: string | null) {
  if (id === null) return null;
  const members = await sql.query<MemberRow>(
    `select id, name, prefix, given_name, family_name, suffix, goes_by, company from person
     where household_id = $1::uuid and archived_on is null and deleted_on is null order by id`,
    [id],
  );
  if (members.length < 2) return null;
  const own = await one<{ formal: string; familiar: string }>(
    sql,
    'select formal, familiar from household where id = $1::uuid',
    [id],
  );
  const computed = salutations(members.map(toMember));
  return {
    id,
    members: members.map(({ id: memberId, name }) => ({ id: memberId, name })),
    formal: own.formal || computed.formal,
    familiar: own.familiar || computed.familiar,
  };
}

interface MemberRow {
  id: string;
  name: string;
  prefix: string;
  given_name: string;
  family_name: string;
  suffix: string;
  goes_by: string;
  company: string;
}

const toMember = ({ given_name, family_name, goes_by, ...row }: MemberRow): Member => ({
  prefix: row.prefix,
  givenName: given_name,
  familyName: family_name,
  suffix: row.suffix,
  goesBy: goes_by,
  company: row.company,
});

export async function join(ctx: Context, personId: string, withId: string) {
  if (personId === withId) throw invalid('Choose somebody else to live with.', 'withId');
  return act(ctx, async (tx) => {
    const [person, other] = [await findOrRefuse(tx, personId), await findOrRefuse(tx, withId)];
    const household = other.household_id ?? newId();
    if (!other.household_id) await makeHouseholds(tx, [household]);
    if (person.household_id === household)
      throw conflict(`${person.name} and ${other.name} share a home already.`);
    await tx.query(
      `update person set household_id = $2::uuid, lives_apart = false, version = version + 1
       where id = any($1::uuid[]) and household_id is distinct from $2::uuid`,
      [[personId, withId], household],
    );
    return {
      sentence: `${person.name} shares a home with ${other.name}`,
      plan: [personId, withId],
      topics: ['people'],
    };
  });
}

export async function leave(ctx: Context, personId: string) {
  return act(ctx, async (tx) => {
    const person = await findOrRefuse(tx, personId);
    if (!person.household_id) throw notFound(`${person.name} shares no home.`);
    await tx.query(
      `update person set household_id = null, lives_apart = true, version = version + 1 where id = $1::uuid`,
      [personId],
    );
    return {
      sentence: `${person.name} gets mail of their own`,
      plan: [personId],
      topics: ['people'],
    };
  });
}

export async function saveSalutations(
  ctx: Context,
  id: string,
  words: { formal?: string | undefined; familiar?: string | undefined },
) {
  return act(ctx, async (tx) => {
    const rows = await tx.query(
      `update household set formal = coalesce($2, formal), familiar = coalesce($3, familiar)
       where id = $1::uuid returning id`,
      [id, words.formal ?? null, words.familiar ?? null],
    );
    if (rows.length === 0) throw notFound('This household is not there any more.');
    return { sentence: 'Changed how this home is addressed', plan: 'nobody', topics: ['people'] };
  });
}
