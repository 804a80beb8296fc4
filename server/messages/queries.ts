import type { Message, Result } from '@/contract/messages';
import type { Consents, Reach } from '@/core/people';
import type { MergeValues } from '@/core/templates';

import { maybeOne, recordset, type Sql } from '../db';

export type State = Message['state'];
export type Kind = Message['kind'];

export interface MessageRow {
  id: string;
  key: string;
  person_id: string;
  kind: Kind;
  addresses: string[];
  subject: string;
  words: string;
  /** Rich words; empty for plain ones. */
  html: string;
  /** Kept files that go with it. */
  files: string[];
  template_id: string | null;
  wording_id: string | null;
  state: State;
  why: string;
  remedy: Message['remedy'];
  cadence: string;
  beat_id: string | null;
  item_key: string;
  automatic: boolean;
  planned_on: string;
  /** What its occasion says: the merge fields that are not the person's. */
  occasion: MergeValues;
  /** The last day on which it makes sense; it goes on its day, worked or not. Null for a few days' grace. */
  good_until: string | null;
  made_at: string;
  send_at: string | null;
  at_once: boolean;
  attempts: number;
  sent_at: string | null;
  carrier_ref: string;
  touch_id: string | null;
  outcome: Message['outcome'];
  version: number;
}

export type NewMessage = Omit<
  MessageRow,
  'at_once' | 'attempts' | 'sent_at' | 'carrier_ref' | 'touch_id' | 'outcome' | 'version'
>;

/** Notes messages; answers which are new: the same thing exists once. */
export const insertMessages = (sql: Sql, rows: readonly NewMessage[]) =>
  sql.query<{ id: string }>(
    `insert into delivery (id, key, person_id, kind, addresses, subject, words, html, files,
       template_id, wording_id, state, why, remedy, cadence, beat_id, item_key, automatic, planned_on, occasion, good_until, made_at, send_at)
     select id, key, person_id, kind, addresses, subject, words, html, files, template_id, wording_id, state, why, remedy, cadence, beat_id,
       item_key, automatic, planned_on, occasion, good_until, made_at, send_at from json_to_recordset($1::json)
       as r (id uuid, key text, person_id uuid, kind text, addresses text[], subject text, words text,
         html text, files uuid[], template_id uuid, wording_id uuid, state text, why text, remedy text, cadence text, beat_id uuid, item_key text, automatic boolean, planned_on date, occasion jsonb, good_until date,
         made_at timestamptz, send_at timestamptz)
     on conflict (key) do nothing returning id`,
    [recordset(rows)],
  );

/** A person as a message sees them. */
export interface Reader {
  id: string;
  name: string;
  consent: Consents;
  emails: Reach[];
  phones: Reach[];
  region: string;
  country: string;
  /** Archived or deleted: nothing goes to them any more. */
  away: boolean;
}

const READER = `p.id, p.name, p.consent, p.emails, p.phones,
  coalesce(p.addresses->0->>'region', '') as region, coalesce(p.addresses->0->>'country', '') as country,
  p.archived_on is not null or p.deleted_on is not null as away`;

export const readReaders = (sql: Sql, ids: readonly string[]) =>
  sql.query<Reader>(`select ${READER} from person p where p.id = any($1::uuid[])`, [ids]);

export const stoppedAmong = (sql: Sql, addresses: readonly string[]) =>
  sql.query<{ address: string; why: string }>(
    'select address, why from suppressed_address where address = any($1::text[])',
    [addresses],
  );

const SHOWN = `m.*, p.name, coalesce(p.addresses->0->>'region', '') as region,
  coalesce(p.addresses->0->>'country', '') as country`;
export type ShownRow = MessageRow & { name: string; region: string; country: string };

export const findMessage = (sql: Sql, id: string) =>
  maybeOne<ShownRow>(
    sql,
    `select ${SHOWN} from delivery m join person p on p.id = m.person_id where m.id = $1::uuid`,
    [id],
  );

/** What needs the owner: held back, or given up since a day ($1). */
const WAITING = `m.state in ('held', 'failed') and (m.state = 'held' or m.remedy <> '' and m.planned_on >= $1::date)`;

export const waiting = (sql: Sql, since: string, limit: number) =>
  sql.query<ShownRow>(
    `select ${SHOWN} from delivery m join person p on p.id = m.person_id
     where ${WAITING} and p.archived_on is null and p.deleted_on is null
     order by m.planned_on desc, m.id limit $2::int`,
    [since, limit],
  );

/** What nobody held back, and was to go by a day. */
const LONG = `m.remedy <> 'release' and m.planned_on <= $2::date`;

/** How much needs the owner, and how much of it since before a day though nobody held it back. */
export const countWaiting = async (sql: Sql, since: string, longSince: string) =>
  (
    await sql.query<{ total: number; long: number; since: string }>(
      // What is held is counted by its index alone; of the few that are away it is taken off again, and the few
      // that were given up are added.
      `with away as (select id from person_all where archived_on is not null or deleted_on is not null),
         besides as (
           select 1 as n, m.planned_on, m.remedy from delivery m
           where m.state = 'failed' and ${WAITING} and m.person_id not in (select id from away)
           union all
           select -1, m.planned_on, m.remedy from delivery m join away on away.id = m.person_id where m.state = 'held'
         )
       select ((select count(*) from delivery where state = 'held') +
           (select coalesce(sum(n), 0) from besides))::int as total,
         ((select count(*) from delivery m where m.state = 'held' and ${LONG}) +
           (select coalesce(sum(n), 0) from besides m where ${LONG}))::int as long,
         (select m.planned_on from delivery m where ${WAITING} and m.remedy <> 'release'
            and m.person_id not in (select id from away) order by m.planned_on limit 1) as since`,
      [since, longSince],
    )
  )[0]!;

/** What goes next. */
export const going = (sql: Sql, limit: number) =>
  sql.query<ShownRow>(
    `select ${SHOWN} from delivery m join person p on p.id = m.person_id
     where m.state = 'ready' and p.deleted_on is null order by m.send_at, m.id limit $1::int`,
    [limit],
  );

export const countGoing = (sql: Sql, before: string) =>
  sql.query<{ total: number; soon: number }>(
    `select count(*)::int as total, count(*) filter (where send_at < $1::timestamptz)::int as soon
     from delivery where state = 'ready'`,
    [before],
  );

export const countGone = async (sql: Sql, since: string, kind: Kind | null = null) =>
  (
    await sql.query<{ n: number }>(
      `select count(*)::int as n from delivery where state = 'sent' and sent_at >= $1::timestamptz
         and ($2::text is null or kind = $2)`,
      [since, kind],
    )
  )[0]!.n;

/** What came of what went since a day, by what brought it; the most first. */
export const resultsSince = (sql: Sql, since: string) =>
  sql.query<Result>(
    `with told as (
       select delivery_id, bool_or(kind = 'delivered') as delivered, bool_or(kind = 'opened') as opened,
         bool_or(kind = 'clicked') as clicked from delivery_event where kind in ('delivered', 'opened', 'clicked')
       group by delivery_id
     ), place as (select id, row_number() over (partition by cadence_id order by position)::int as n from beat)
     select m.cadence, p.n as beat, coalesce(t.name, '') as template, m.kind, count(*)::int as sent,
       count(*) filter (where told.delivery_id is not null or m.outcome in ('delivered', 'answered'))::int as delivered,
       count(*) filter (where told.opened)::int as opened,
       count(*) filter (where told.clicked)::int as clicked,
       count(*) filter (where m.outcome = 'answered')::int as answered,
       count(*) filter (where m.outcome = 'bounced')::int as bounced,
       count(*) filter (where m.outcome in ('opted_out', 'complained'))::int as "optedOut"
     from delivery m left join told on told.delivery_id = m.id left join place p on p.id = m.beat_id
       left join template t on t.id = m.template_id
     where m.state = 'sent' and m.sent_at >= $1::timestamptz
     group by m.cadence, p.n, t.name, m.kind order by sent desc, m.cadence, p.n limit 100`,
    [since],
  );

/** A page of what has gone, the latest first. */
export const gone = (
  sql: Sql,
  { after, personId, limit }: { after: string | null; personId: string | null; limit: number },
) =>
  sql.query<ShownRow>(
    `select ${SHOWN} from delivery m join person p on p.id = m.person_id
     where m.state = 'sent' and ($2::uuid is null or m.person_id = $2::uuid)
       and ($1::uuid is null or (m.sent_at, m.id) < (select sent_at, id from delivery where id = $1::uuid))
     order by m.sent_at desc, m.id desc limit $3::int`,
    [after, personId, limit],
  );

/** What is due, the earliest first, as far as it is of a kind that can be taken. */
export const due = (sql: Sql, kinds: readonly Kind[], now: string, limit: number) =>
  sql.query<MessageRow>(
    `select * from delivery where state = 'ready' and send_at <= $2::timestamptz and kind = any($1::text[])
     order by send_at, id limit $3::int`,
    [kinds, now, limit],
  );

export const nextDue = async (sql: Sql): Promise<string | null> =>
  (
    await sql.query<{ at: string | null }>(
      `select min(send_at) as at from delivery where state = 'ready'`,
    )
  )[0]!.at;

/** Marks messages before they are handed over; answers those that were still to go. */
export const claimForSending = (sql: Sql, refs: readonly { id: string; ref: string }[]) =>
  sql.query<{ id: string }>(
    `update delivery m set state = 'sending', attempts = m.attempts + 1, carrier_ref = r.ref, why = '', remedy = ''
     from json_to_recordset($1::json) as r (id uuid, ref text)
     where m.id = r.id and m.state = 'ready' returning m.id`,
    [recordset(refs)],
  );

export interface Outcome {
  id: string;
  state: State;
  why: string;
  remedy: Message['remedy'];
  send_at: string | null;
  sent_at: string | null;
  carrier_ref: string | null;
}

/** What came of handing messages over. */
export const recordOutcomes = (sql: Sql, outcomes: readonly Outcome[]) =>
  sql.query(
    `update delivery m set state = r.state, why = r.why, remedy = r.remedy, send_at = r.send_at, sent_at = r.sent_at,
       carrier_ref = coalesce(r.carrier_ref, m.carrier_ref)
     from json_to_recordset($1::json) as r (id uuid, state text, why text, remedy text, send_at timestamptz,
       sent_at timestamptz, carrier_ref text)
     where m.id = r.id and m.state = 'sending'`,
    [recordset(outcomes)],
  );

/** Moves a message on from one of these states; answers whether it was in one. */
export const moveFrom = async (
  sql: Sql,
  id: string,
  from: readonly State[],
  to: {
    state: State;
    why?: string;
    remedy?: Message['remedy'];
    sendAt?: string;
    sentAt?: string;
    atOnce?: boolean;
  },
): Promise<boolean> =>
  (
    await sql.query(
      `update delivery set state = $3, why = $4, remedy = $5, send_at = coalesce($6::timestamptz, send_at),
         sent_at = coalesce($8::timestamptz, sent_at),
         at_once = coalesce($7::boolean, at_once), attempts = case when $3 = 'ready' then 0 else attempts end, version = version + 1
       where id = $1::uuid and state = any($2::text[]) returning id`,
      [
        id,
        from,
        to.state,
        to.why ?? '',
        to.remedy ?? '',
        to.sendAt ?? null,
        to.atOnce ?? null,
        to.sentAt ?? null,
      ],
    )
  ).length === 1;

/** Everything of one state and reason at once; answers whose. */
export const moveAll = (
  sql: Sql,
  from: { state: State; remedy: Message['remedy'] },
  to: { state: State; why: string; remedy: Message['remedy'] },
) =>
  sql.query<{ id: string }>(
    `update delivery set state = $3, why = $4, remedy = $5, version = version + 1
     where state = $1 and remedy = $2 returning id`,
    [from.state, from.remedy, to.state, to.why, to.remedy],
  );

/** What is held for a reason that may be gone by now, a batch. */
export const heldFor = (
  sql: Sql,
  mends: readonly Message['remedy'][],
  after: string | null,
  limit: number,
) =>
  sql.query<MessageRow>(
    `select * from delivery where state = 'held' and remedy = any($1::text[]) and ($2::uuid is null or id > $2::uuid)
     order by id limit $3::int`,
    [mends, after, limit],
  );

/** Puts other words, addresses or reasons on messages that have not gone. */
export const rewrite = (
  sql: Sql,
  rows: readonly Pick<
    MessageRow,
    'id' | 'state' | 'why' | 'remedy' | 'addresses' | 'subject' | 'words' | 'html' | 'send_at'
  >[],
) =>
  sql.query<{ id: string }>(
    `update delivery m set state = r.state, why = r.why, remedy = r.remedy, addresses = r.addresses,
       subject = r.subject, words = r.words, html = r.html, send_at = r.send_at, version = m.version + 1
     from json_to_recordset($1::json) as r (id uuid, state text, why text, remedy text, addresses text[],
       subject text, words text, html text, send_at timestamptz)
     where m.id = r.id and m.state in ('held', 'ready', 'failed') returning m.id`,
    [recordset(rows)],
  );

/** Cancels what waits for a person of one kind. */
export const cancelOf = (sql: Sql, personId: string, kind: Kind, why: string) =>
  sql.query<{ id: string }>(
    `update delivery set state = 'cancelled', why = $3, remedy = '', version = version + 1
     where person_id = $1::uuid and kind = $2 and state in ('held', 'ready') returning id`,
    [personId, kind, why],
  );

export const eventsOf = (sql: Sql, messageId: string) =>
  sql.query<{ id: string; kind: string; at: string; detail: string }>(
    'select id, kind, at, detail from delivery_event where delivery_id = $1::uuid order by at, id',
    [messageId],
  );

export interface UntouchedRow {
  id: string;
  person_id: string;
  kind: Kind;
  item_key: string;
  cadence: string;
  sent_at: string;
}

/** What has gone and is no touch yet. */
export const untouched = (sql: Sql, automatic: boolean) =>
  sql.query<UntouchedRow>(
    `select m.id, m.person_id, m.kind, m.item_key, m.cadence, m.sent_at from delivery m
     join person p on p.id = m.person_id and p.deleted_on is null
     where m.state = 'sent' and m.touch_id is null and m.automatic = $1::boolean order by m.id limit 200`,
    [automatic],
  );

export const setTouches = (sql: Sql, rows: readonly { id: string; touch_id: string }[]) =>
  sql.query(
    `update delivery m set touch_id = r.touch_id
     from json_to_recordset($1::json) as r (id uuid, touch_id uuid) where m.id = r.id`,
    [recordset(rows)],
  );

/** What was marked and never heard of: texts may be sent again, e-mails are in doubt. */
export const recoverSending = (sql: Sql) =>
  sql.query(
    `update delivery set version = version + 1,
       state = case kind when 'text' then 'ready' else 'held' end,
       remedy = case kind when 'text' then '' else 'unclear' end,
       why = case kind when 'text' then '' else 'Pen Pal ended while it was being handed over. It may have gone.' end
     where state = 'sending' returning id`,
  );

export const isAnyHeld = async (sql: Sql): Promise<boolean> =>
  (await sql.query(`select 1 from delivery where state = 'held' limit 1`)).length > 0;

/** How often a touch of the desk was written and came to nothing. */
export const countLost = async (sql: Sql, itemKey: string): Promise<number> =>
  (
    await sql.query<{ n: number }>(
      `select count(*)::int as n from delivery where item_key = $1 and state in ('cancelled', 'failed')`,
      [itemKey],
    )
  )[0]!.n;
