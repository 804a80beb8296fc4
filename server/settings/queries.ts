import type { Settings } from '@/contract/settings';

import { one, type Sql } from '../db';

/** The owner's settings as the server reads them. */
export type OwnerSettings = Settings;

interface SettingsRow {
  owner_name: string;
  owner_email: string;
  owner_phone: string;
  owner_company: string;
  owner_address: string;
  signature: string;
  time_zone: string;
  capacity: number;
  working_days: number[];
  days_off: string[];
  min_distance_days: number;
  most_tries: number;
  grace_days: number;
  minutes_per_day: number | null;
  kinds: Settings['kinds'];
  auto_needs_yes: boolean;
  sees_opens: boolean;
  sees_clicks: boolean;
  thanks_kind: Settings['thanksKind'];
  quiet_from: string;
  quiet_until: string;
  leap_day: Settings['leapDay'];
  country: string;
  region: string;
  holidays_worked: string[];
  currency: string;
  locale: string;
  faiths: Settings['faiths'];
  mail_class: Settings['mailClass'];
  production_days: number;
}

/** The owner's settings. */
export async function readSettings(sql: Sql): Promise<OwnerSettings> {
  const row = await one<SettingsRow>(
    sql,
    `select owner_name, owner_email, owner_phone, owner_company, owner_address, signature, time_zone, capacity, working_days, min_distance_days, most_tries, grace_days,
       minutes_per_day, kinds, auto_needs_yes, sees_opens, sees_clicks, thanks_kind, quiet_from, quiet_until, leap_day, country, region, holidays_worked, currency, locale, faiths, mail_class, production_days,
       array(select to_char(d, 'YYYY-MM-DD') from unnest(days_off) d order by d) as days_off from settings`,
  );
  return {
    ownerName: row.owner_name,
    ownerEmail: row.owner_email,
    ownerPhone: row.owner_phone,
    ownerCompany: row.owner_company,
    ownerAddress: row.owner_address,
    signature: row.signature,
    timeZone: row.time_zone,
    capacity: row.capacity,
    workingDays: row.working_days as OwnerSettings['workingDays'],
    daysOff: row.days_off as OwnerSettings['daysOff'],
    minDistanceDays: row.min_distance_days,
    mostTries: row.most_tries,
    graceDays: row.grace_days,
    minutesPerDay: row.minutes_per_day,
    kinds: row.kinds,
    autoNeedsYes: row.auto_needs_yes,
    seesOpens: row.sees_opens,
    seesClicks: row.sees_clicks,
    thanksKind: row.thanks_kind,
    quietFrom: row.quiet_from,
    quietUntil: row.quiet_until,
    leapDay: row.leap_day,
    country: row.country,
    region: row.region,
    holidaysWorked: row.holidays_worked,
    currency: row.currency,
    locale: row.locale,
    faiths: row.faiths,
    mailClass: row.mail_class,
    productionDays: row.production_days,
  };
}

export const updateSettings = (sql: Sql, s: OwnerSettings) =>
  sql.query(
    `update settings set owner_name = $1, time_zone = $2, capacity = $3::int, working_days = $4::int[],
       days_off = $5::date[], min_distance_days = $6::int, grace_days = $7::int,
       minutes_per_day = $8::int, kinds = $9::jsonb, leap_day = $10,
       country = $11, region = $12, holidays_worked = $13::text[], currency = $14, locale = $15,
       auto_needs_yes = $16, thanks_kind = $17, quiet_from = $18, quiet_until = $19,
       owner_email = $20, owner_phone = $21, owner_company = $22, owner_address = $23, signature = $24,
       sees_opens = $25, sees_clicks = $26, faiths = $27::text[], mail_class = $28, production_days = $29::int, most_tries = $30::int`,
    [
      s.ownerName,
      s.timeZone,
      s.capacity,
      s.workingDays,
      s.daysOff,
      s.minDistanceDays,
      s.graceDays,
      s.minutesPerDay,
      JSON.stringify(s.kinds),
      s.leapDay,
      s.country,
      s.region,
      s.holidaysWorked,
      s.currency,
      s.locale,
      s.autoNeedsYes,
      s.thanksKind,
      s.quietFrom,
      s.quietUntil,
      s.ownerEmail,
      s.ownerPhone,
      s.ownerCompany,
      s.ownerAddress,
      s.signature,
      s.seesOpens,
      s.seesClicks,
      s.faiths,
      s.mailClass,
      s.productionDays,
      s.mostTries,
    ],
  );

/** All circles, the closest first. */
export const readCircles = (sql: Sql) =>
  sql.query<{
    id: string;
    name: string;
    position: number;
    promise_days: number | null;
    people: number;
  }>(
    `select c.*, (select count(*)::int from person p where p.circle_id = c.id) as people
     from circle c order by position`,
  );

/** A value remembered under a name; null for none. */
export async function readMemo<T>(sql: Sql, key: string): Promise<T | null> {
  const rows = await sql.query<{ value: T }>('select value from memo where key = $1', [key]);
  return rows[0]?.value ?? null;
}

/** Remembers a value under a name. */
export const writeMemo = (sql: Sql, key: string, value: unknown) =>
  sql.query(
    'insert into memo (key, value) values ($1, $2::jsonb) on conflict (key) do update set value = excluded.value',
    [key, JSON.stringify(value)],
  );
