import type { Result } from '@/contract/messages';

import { maybeOne, type Sql } from '../db';
import type { DeliveryRow } from './row';

// What the screens list of deliveries.

const SHOWN = `d.*, p.name, coalesce(p.addresses->0->>'region', '') as region,
  coalesce(p.addresses->0->>'country', '') as country`;
/** A delivery with what is shown of its person. */
export type ShownRow = DeliveryRow & { name: string; region: string; country: string };

/** One delivery as the outbox shows it. */
export const findDelivery = (sql: Sql, id: string) =>
  maybeOne<ShownRow>(
    sql,
    `select ${SHOWN} from delivery d join person p on p.id = d.person_id where d.id = $1::uuid`,
    [id],
  );

/** What needs the owner: held, or given up since a day ($1). */
const WAITING = `d.state in ('held', 'failed') and (d.state = 'held' or d.remedy <> '' and d.planned_on >= $1::date)`;

export const waiting = (sql: Sql, since: string, limit: number) =>
  sql.query<ShownRow>(
    `select ${SHOWN} from delivery d join person p on p.id = d.person_id
     where ${WAITING} and p.archived_on is null and p.deleted_on is null
     order by d.planned_on desc, d.id limit $2::int`,
    [since, limit],
  );

/** What the owner did not hold, and was to go by a day. */
const LONG = `d.remedy <> 'release' and d.planned_on <= $2::date`;

/** How much needs the owner, and how much of it has waited since before a day though nobody held it. */
export const countWaiting = async (sql: Sql, since: string, longSince: string) => {
  const [row] = await sql.query<{ total: number; long: number; since: string }>(
    // What is held is counted by its index alone; of the few that are away it is taken off again, and the
    // few that were given up are added.
    `with away as (select id from person_all where archived_on is not null or deleted_on is not null),
       besides as (
         select 1 as n, d.planned_on, d.remedy from delivery d
         where d.state = 'failed' and ${WAITING} and d.person_id not in (select id from away)
         union all
         select -1, d.planned_on, d.remedy from delivery d join away on away.id = d.person_id where d.state = 'held'
       )
     select ((select count(*) from delivery where state = 'held') +
         (select coalesce(sum(n), 0) from besides))::int as total,
       ((select count(*) from delivery d where d.state = 'held' and ${LONG}) +
         (select coalesce(sum(n), 0) from besides d where ${LONG}))::int as long,
       (select d.planned_on from delivery d where ${WAITING} and d.remedy <> 'release'
          and d.person_id not in (select id from away) order by d.planned_on limit 1) as since`,
    [since, longSince],
  );
  return row ?? { total: 0, long: 0, since };
};

/** What goes next. */
export const upcoming = (sql: Sql, limit: number) =>
  sql.query<ShownRow>(
    `select ${SHOWN} from delivery d join person p on p.id = d.person_id
     where d.state = 'ready' and p.deleted_on is null order by d.send_at, d.id limit $1::int`,
    [limit],
  );

export const countUpcoming = async (sql: Sql, before: string) =>
  (
    await sql.query<{ total: number; soon: number }>(
      `select (select count(*) from delivery where state = 'ready')::int as total,
         (select count(*) from delivery where state = 'ready' and send_at < $1::timestamptz)::int as soon`,
      [before],
    )
  )[0] ?? { total: 0, soon: 0 };

/** What came of what was sent since a day, by what brought it; the most first. */
export const resultsSince = (sql: Sql, since: string) =>
  sql.query<Result>(
    `with reported as (
       select delivery_id, bool_or(kind = 'delivered') as delivered, bool_or(kind = 'opened') as opened,
         bool_or(kind = 'clicked') as clicked from delivery_event where kind in ('delivered', 'opened', 'clicked')
       group by delivery_id
     ), place as (select id, row_number() over (partition by cadence_id order by position)::int as n from beat)
     select d.cadence, p.n as beat, coalesce(t.name, '') as template, d.channel as kind, count(*)::int as sent,
       count(*) filter (where r.delivery_id is not null or d.outcome in ('delivered', 'answered'))::int as delivered,
       count(*) filter (where r.opened)::int as opened,
       count(*) filter (where r.clicked)::int as clicked,
       count(*) filter (where d.outcome = 'answered')::int as answered,
       count(*) filter (where d.outcome = 'bounced')::int as bounced,
       count(*) filter (where d.outcome in ('opted_out', 'complained'))::int as "optedOut"
     from delivery d left join reported r on r.delivery_id = d.id left join place p on p.id = d.beat_id
       left join template t on t.id = d.template_id
     where d.state = 'sent' and d.sent_at >= $1::timestamptz
     group by d.cadence, p.n, t.name, d.channel order by sent desc, d.cadence, p.n limit 100`,
    [since],
  );

/** A page of what was sent, the latest first. */
export const sentPage = (
  sql: Sql,
  { after, personId, limit }: { after: string | null; personId: string | null; limit: number },
) =>
  sql.query<ShownRow>(
    `select ${SHOWN} from delivery d join person p on p.id = d.person_id
     where d.state = 'sent' and ($2::uuid is null or d.person_id = $2::uuid)
       and ($1::uuid is null or (d.sent_at, d.id) < (select sent_at, id from delivery where id = $1::uuid))
     order by d.sent_at desc, d.id desc limit $3::int`,
    [after, personId, limit],
  );

export const eventsOf = (sql: Sql, deliveryId: string) =>
  sql.query<{ id: string; kind: string; at: string; detail: string }>(
    'select id, kind, at, detail from delivery_event where delivery_id = $1::uuid order by at, id',
    [deliveryId],
  );
