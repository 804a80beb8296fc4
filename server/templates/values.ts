import { ownValueText } from '@/core/intake';
import { salutations, type Member, type PersonFields } from '@/core/people';
import { MERGE_FIELDS, ownFieldName, type MergeValues } from '@/core/templates';
import { andList, yearlyWords } from '@/core/time';

import type { Context } from '../context';
import type { Sql } from '../db';
import { readOwnFields } from '../lists';
import { FACTS, readFacts, tiesOfMany } from '../people';
import { readSettings, type OwnerSettings } from '../settings';

interface Row {
  id: string;
  name: string;
  given_name: string;
  goes_by: string;
  family_name: string;
  company: string;
  job_title: string;
  phone: string;
  email: string;
  address_line: string;
  city: string;
  place: string;
  birthday: string | null;
  own: PersonFields['own'];
  home: HomeRow | null;
}

interface HomeRow {
  formal: string;
  familiar: string;
  members: Member[];
}

const HOME = `(select json_build_object('formal', h.formal, 'familiar', h.familiar, 'members',
          (select json_agg(json_build_object('prefix', m.prefix, 'givenName', m.given_name,
             'familyName', m.family_name, 'suffix', m.suffix, 'goesBy', m.goes_by, 'company', m.company) order by m.id)
           from person m where m.household_id = h.id and m.archived_on is null and m.deleted_on is null))
        from household h where h.id = p.household_id)`;

const readRows = (sql: Sql, ids: readonly string[], home: boolean) =>
  sql.query<Row>(
    `select p.id, p.name, p.given_name, p.goes_by, p.family_name, p.company, p.job_title, p.phone, p.email,
       p.address_line, coalesce(p.addresses -> 0 ->> 'city', '') as city, p.place, p.birthday, p.own,
       ${home ? HOME : 'null::json'} as home
     from person p where p.id = any($1::uuid[])`,
    [ids],
  );

/** Every field of {@link MERGE_FIELDS}, without a value. */
const NOTHING: MergeValues = Object.fromEntries(MERGE_FIELDS.map(({ key }) => [key, null]));

function ownersValues(settings: OwnerSettings): MergeValues {
  const { ownerName, ownerCompany, ownerPhone, ownerEmail, ownerAddress, signature } = settings;
  return {
    my_name: ownerName,
    my_first_name: ownerName.split(' ')[0] ?? '',
    my_company: ownerCompany,
    my_phone: ownerPhone,
    my_email: ownerEmail,
    my_address: ownerAddress,
    signature: signature || ownerName,
  };
}

/**
 * What the merge fields stand for, by person: their own, their home's and the owner's, own fields and what
 * subjects know. What belongs to an occasion is for whoever has one to add. `asked` are the fields that are
 * needed; what takes reading and is not among them stays empty.
 */
export async function readMergeValues(
  ctx: Context,
  sql: Sql,
  ids: readonly string[],
  asked: ReadonlySet<string> | null = null,
): Promise<Map<string, MergeValues>> {
  const asks = (fields: readonly string[]) => asked === null || fields.some((f) => asked.has(f));
  const rows = await readRows(sql, ids, asks(['home_names', 'home_name']));
  const ties: Awaited<ReturnType<typeof tiesOfMany>> = asks(['partner', 'children', 'pets'])
    ? await tiesOfMany(sql, ids)
    : new Map();
  const facts: Awaited<ReturnType<typeof readFacts>> = asks(
    ctx.house.of(FACTS).map(({ key }) => key),
  )
    ? await readFacts(ctx, sql, ids)
    : new Map();
  const own = await readOwnFields(sql);
  const owner = ownersValues(await readSettings(sql));
  return new Map(
    rows.map((row) => {
      const tied = (kind: string) => namesTied(ties.get(row.id) ?? [], kind, row.family_name);
      const members = row.home?.members ?? [];
      const home = salutations(members.length > 1 ? members : [memberOf(row)]);
      const values: MergeValues = {
        ...NOTHING,
        ...facts.get(row.id),
        ...ownValues(own, row),
        ...owner,
        first_name: row.goes_by || row.given_name,
        last_name: row.family_name,
        name: row.name,
        company: row.company,
        job: row.job_title,
        phone: row.phone,
        email: row.email,
        street: row.address_line,
        city: row.city,
        place: row.place,
        birthday: row.birthday ? yearlyWords(row.birthday) : null,
        home_names: (row.home?.familiar || home.familiar).replace(' & ', ' and '),
        home_name: row.home?.formal || home.formal,
        partner: tied('partner'),
        children: tied('child'),
        pets: tied('pet'),
      };
      return [row.id, values];
    }),
  );
}

const ownValues = (fields: Awaited<ReturnType<typeof readOwnFields>>, row: Row): MergeValues =>
  Object.fromEntries(
    fields.map((field) => {
      const value = row.own[field.id];
      return [ownFieldName(field.name), value === undefined ? null : ownValueText(field, value)];
    }),
  );

const namesTied = (
  ties: readonly { kind: string; name: string }[],
  kind: string,
  family: string,
): string | null =>
  andList(
    ties
      .filter((tie) => tie.kind === kind)
      .map(({ name }) => (kind === 'child' ? firstOf(name, family) : name)),
  ) || null;

const memberOf = (row: Row): Member => ({
  prefix: '',
  givenName: row.given_name,
  familyName: row.family_name,
  suffix: '',
  goesBy: row.goes_by,
  company: row.company,
});

/** Children are called by their first name where they have the family's. */
const firstOf = (name: string, family: string): string =>
  family && name.endsWith(` ${family}`) ? name.slice(0, -family.length - 1) : name;
