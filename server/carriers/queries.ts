import type { CarrierKind } from '@/contract/carriers';

import { maybeOne, type Sql } from '../db';

export interface CarrierRow {
  id: string;
  kind: CarrierKind;
  setup: unknown;
  /** Sealed; see `secretOf`. */
  secret: string;
}

export const readCarriers = (sql: Sql) => sql.query<CarrierRow>('select * from carrier');

export const findCarrier = (sql: Sql, kind: CarrierKind) =>
  maybeOne<CarrierRow>(sql, 'select * from carrier where kind = $1', [kind]);

export const writeCarrier = (sql: Sql, { id, kind, setup, secret }: CarrierRow) =>
  sql.query(
    `insert into carrier (id, kind, setup, secret) values ($1::uuid, $2, $3::jsonb, $4)
     on conflict (kind) do update set setup = excluded.setup, secret = excluded.secret`,
    [id, kind, JSON.stringify(setup), secret],
  );

export const removeCarrier = (sql: Sql, kind: CarrierKind) =>
  sql.query('delete from carrier where kind = $1', [kind]);
