import type { Address, Consents, Reach } from '@/core/people';

import type { Sql } from '../db';

/** A person as deliveries see them. */
export interface Recipient {
  id: string;
  name: string;
  /** Of the person's row: a delivery is claimed only if nothing about them changed since. */
  version: number;
  consent: Consents;
  emails: Reach[];
  phones: Reach[];
  /** The first is the mailing address. */
  addresses: Address[];
  region: string;
  country: string;
  /** Archived or deleted: nothing is sent to them any more. */
  away: boolean;
}

/** People as deliveries see them, also those who are away. */
export const readRecipients = (sql: Sql, ids: readonly string[]) =>
  sql.query<Recipient>(
    `select p.id, p.name, p.version, p.consent, p.emails, p.phones, p.addresses,
       coalesce(p.addresses->0->>'region', '') as region, coalesce(p.addresses->0->>'country', '') as country,
       p.archived_on is not null or p.deleted_on is not null as away
     from person p where p.id = any($1::uuid[])`,
    [ids],
  );

export const suppressedAmong = (sql: Sql, addresses: readonly string[]) =>
  sql.query<{ address: string; why: string }>(
    'select address, why from suppressed_address where address = any($1::text[])',
    [addresses],
  );
