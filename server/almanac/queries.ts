import type { GreetingRule } from '@/core/almanac';
import type { Consents, NamedDate } from '@/core/people';

import { maybeOne, newId, recordset, type Sql } from '../db';
import { AMONG, EPOCH } from '../planner';

export interface RuleRow {
  id: string;
  version: number;
  occasion: string;
  circles: string[];
  view_id: string | null;
  years: GreetingRule['years'];
  kind: GreetingRule['kind'];
  way: GreetingRule['way'];
  lead_days: number;
  day_rule: GreetingRule['dayRule'];
  subject: string;
  words: string;
  template_id: string | null;
  active: boolean;
  since: string;
}

const RULE = `id, version, occasion, circles, view_id, years, kind, way, lead_days, day_rule, subject, words, template_id, active, since`;

export const readRules = (sql: Sql) =>
  sql.query<RuleRow>(`select ${RULE} from greeting_rule order by position, id`);

export const findRule = (sql: Sql, id: string) =>
  maybeOne<RuleRow>(sql, `select ${RULE} from greeting_rule where id = $1::uuid`, [id]);

type Written = Omit<RuleRow, 'version'>;

const written = (r: Written) => [
  r.id,
  r.occasion,
  r.circles,
  r.view_id,
  r.years,
  r.kind,
  r.way,
  r.lead_days,
  r.day_rule,
  r.subject,
  r.words,
  r.template_id,
  r.active,
  r.since,
];

export const insertRule = (sql: Sql, rule: Written) =>
  sql.query(
    `insert into greeting_rule (id, position, occasion, circles, view_id, years, kind, way, lead_days, day_rule, subject,
       words, template_id, active, since)
     values ($1::uuid, (select coalesce(max(position) + 1, 0) from greeting_rule), $2, $3::uuid[], $4::uuid, $5, $6, $7,
       $8::int, $9, $10, $11, $12::uuid, $13, $14::date)`,
    written(rule),
  );

/** Changes a rule that still has this version; answers whether it had. */
export const updateRule = async (sql: Sql, rule: Written, version: number): Promise<boolean> =>
  (
    await sql.query(
      `update greeting_rule set occasion = $2, circles = $3::uuid[], view_id = $4::uuid, years = $5, kind = $6, way = $7,
         lead_days = $8::int, day_rule = $9, subject = $10, words = $11, template_id = $12::uuid, active = $13, since = $14::date,
         version = version + 1
       where id = $1::uuid and version = $15::int returning id`,
      [...written(rule), version],
    )
  ).length === 1;

export const removeRule = (sql: Sql, id: string) =>
  sql.query('delete from greeting_rule where id = $1::uuid', [id]);

export const orderRules = (sql: Sql, ids: readonly string[]) =>
  sql.query(
    `update greeting_rule g set position = r.n from unnest($1::uuid[]) with ordinality as r (id, n) where g.id = r.id`,
    [ids],
  );

export interface PersonRow {
  id: string;
  name: string;
  called: string;
  household_id: string | null;
  together: boolean | null;
  circle_id: string | null;
  added_on: number;
  birthday: string | null;
  dates: NamedDate[];
  consent: Consents;
  phone: string;
  phones: { label: string }[];
  email: string;
  address_line: string;
  postal_code: string;
  country: string;
}

export const readPeople = (sql: Sql, ids: readonly string[] | null) =>
  sql.query<PersonRow>(
    `select p.id, p.name, coalesce(nullif(p.goes_by, ''), nullif(p.given_name, ''), p.name) as called, p.household_id, h.together, p.circle_id, p.added_on - ${EPOCH} as added_on, p.birthday, p.dates,
       p.consent, p.phone, p.phones, p.email, p.address_line, p.postal_code,
       coalesce(p.addresses -> 0 ->> 'country', '') as country
     from person p left join household h on h.id = p.household_id
     where p.archived_on is null and p.deleted_on is null and ${AMONG('p.id')} order by p.id`,
    [ids],
  );

/** The latest work that was completed for each, with what it was. */
export const readServed = (sql: Sql, ids: readonly string[] | null) =>
  sql.query<{ person_id: string; name: string; on: string }>(
    `select distinct on (person_id) person_id, name, to_char(completed_on, 'YYYY-MM-DD') as on from job
     where completed_on is not null and ${AMONG('person_id')} order by person_id, completed_on desc, id`,
    [ids],
  );

/** Birthdays in the family of those who have no sheet of their own. */
export const readFamily = (sql: Sql, ids: readonly string[] | null) =>
  sql.query<{ id: string; person_id: string; name: string; birthday: string }>(
    `select id, person_id, other_name as name, birthday from tie
     where birthday is not null and other_id is null and ${AMONG('person_id')} order by person_id, id`,
    [ids],
  );

export const readHushed = (sql: Sql, ids: readonly string[] | null) =>
  sql.query<{ person_id: string; occasion: string }>(
    `select person_id, occasion from hushed where ${AMONG('person_id')}`,
    [ids],
  );

export interface MarkRow {
  person_id: string;
  /** Which of their dates, and the year. */
  part: string;
  fate: string;
  planned_on: string | null;
}

/** What became of greetings; put off, or to go another way, is not settled. */
export const readMarks = (sql: Sql, ids: readonly string[] | null) =>
  sql.query<MarkRow>(
    `select person_id, part, fate, planned_on from item_mark where source = 'greet' and fate <> 'put_off' and ${AMONG('person_id')}`,
    [ids],
  );

export const readOwnWords = (sql: Sql, ids: readonly string[] | null) =>
  sql.query<{ id: string; words: string }>(
    `select id, words from greeting_words where ${AMONG('person_id')}`,
    [ids],
  );

export const setOwnWords = (sql: Sql, row: { id: string; person_id: string; words: string }) =>
  sql.query(
    `insert into greeting_words (id, person_id, words) values ($1, $2::uuid, $3)
     on conflict (id) do update set words = excluded.words`,
    [row.id, row.person_id, row.words],
  );

export const removeOwnWords = (sql: Sql, id: string) =>
  sql.query('delete from greeting_words where id = $1', [id]);

export const fateOf = async (sql: Sql, key: string): Promise<string | null> =>
  (
    await maybeOne<{ fate: string }>(
      sql,
      `select fate from item_mark where id = $1 and fate <> 'put_off'`,
      [key],
    )
  )?.fate ?? null;

/** Takes back that greetings were dropped. */
export const removeMarks = (sql: Sql, keys: readonly string[]) =>
  sql.query(`delete from item_mark where id = any($1::text[]) and fate = 'skipped'`, [keys]);

export const setHushed = (sql: Sql, personId: string, occasion: string, hushed: boolean) =>
  hushed
    ? sql.query(
        `insert into hushed (id, person_id, occasion) values ($1::uuid, $2::uuid, $3)
         on conflict (person_id, occasion) do nothing`,
        [newId(), personId, occasion],
      )
    : sql.query('delete from hushed where person_id = $1::uuid and occasion = $2', [
        personId,
        occasion,
      ]);

/** Answers who lives there; nobody where there is no such household. */
export const setTogether = async (
  sql: Sql,
  id: string,
  together: boolean | null,
): Promise<string[]> => {
  await sql.query('update household set together = $2 where id = $1::uuid', [id, together]);
  const rows = await sql.query<{ id: string }>(
    'select id from person where household_id = $1::uuid',
    [id],
  );
  return rows.map((row) => row.id);
};

/** Notes greetings that need nobody's hand any more; answers those that are new. */
export const noteFates = async (
  sql: Sql,
  rows: readonly {
    id: string;
    person_id: string;
    fate: string;
    planned_on: string;
    why: string | null;
  }[],
): Promise<Set<string>> =>
  new Set(
    (
      await sql.query<{ id: string }>(
        `insert into item_mark (id, person_id, fate, planned_on, why)
         select id, person_id, fate, planned_on, why
         from json_to_recordset($1::json) as r (id text, person_id uuid, fate text, planned_on date, why text)
         -- One that was put off, or was to go another way, is settled all the same.
         on conflict (id) do update set fate = excluded.fate, planned_on = excluded.planned_on, why = excluded.why
           where item_mark.fate = 'put_off' returning id`,
        [recordset(rows)],
      )
    ).map(({ id }) => id),
  );

/** Greetings of somebody that were dropped, or whose day went by. */
export const lostGreetings = (sql: Sql, personId: string) =>
  sql.query<{ id: string; part: string; fate: string; planned_on: string }>(
    `select id, part, fate, planned_on from item_mark
     where person_id = $1::uuid and source = 'greet' and fate in ('skipped', 'missed') and planned_on is not null
     order by planned_on desc limit 50`,
    [personId],
  );

export const isAnyRule = async (sql: Sql): Promise<boolean> =>
  (await sql.query('select 1 from greeting_rule where active limit 1')).length > 0;

/** Greetings that are marked to go by themselves from a day on, whose message is not there any more. */
export const withoutMessage = (sql: Sql, day: string) =>
  sql.query<{ id: string; person_id: string }>(
    `select k.id, k.person_id from item_mark k
     where k.source = 'greet' and k.fate = 'waiting' and k.why is null and k.planned_on >= $1::date
       and not exists (select 1 from delivery m where m.key = k.id)`,
    [day],
  );

/** Takes back that greetings go by themselves, of those with these keys and whom they are for as well. */
export const reopen = (sql: Sql, keys: readonly string[]) =>
  sql.query(
    `delete from item_mark m using item_mark lead, person p, person mine
     where lead.id = any($1::text[]) and lead.source = 'greet' and m.source = 'greet' and m.fate = 'waiting'
       and p.id = lead.person_id and mine.id = m.person_id and m.planned_on = lead.planned_on
       and (m.id = lead.id or mine.household_id = p.household_id)`,
    [keys],
  );

export interface NamedPerson {
  id: string;
  name: string;
  given_name: string;
  family_name: string;
  goes_by: string;
  emails: string[];
  birthday: string | null;
  dates: NamedDate[];
}

/** Everybody in the sphere by their names, with the dates on record. */
export const namedPeople = (sql: Sql) =>
  sql.query<NamedPerson>(
    `select id, name, given_name, family_name, goes_by, birthday, dates,
       array(select e ->> 'value' from jsonb_array_elements(emails) e) as emails
     from person where archived_on is null and deleted_on is null order by id`,
  );
