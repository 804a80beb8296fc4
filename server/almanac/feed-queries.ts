import { TOUCH_UID } from '@/core/almanac';

import { maybeOne, recordset, type Sql } from '../db';

export interface FeedRow {
  id: string;
  name: string;
  shows: ('dates' | 'touches')[];
  circle_id: string | null;
  view_id: string | null;
  alarm_minutes: number | null;
  made_on: string;
}

const FEED = 'id, name, shows, circle_id, view_id, alarm_minutes, made_on';

export const readFeeds = (sql: Sql) =>
  sql.query<FeedRow>(`select ${FEED} from calendar_feed order by made_on, id`);

export const findFeed = (sql: Sql, id: string) =>
  maybeOne<FeedRow>(sql, `select ${FEED} from calendar_feed where id = $1::uuid`, [id]);

export const feedAt = (sql: Sql, digest: string) =>
  maybeOne<FeedRow>(sql, `select ${FEED} from calendar_feed where token_digest = $1`, [digest]);

export const insertFeed = (sql: Sql, feed: FeedRow, digest: string) =>
  sql.query(
    `insert into calendar_feed (id, name, shows, circle_id, view_id, alarm_minutes, made_on, token_digest)
     values ($1::uuid, $2, $3::text[], $4::uuid, $5::uuid, $6::int, $7::date, $8)`,
    [
      feed.id,
      feed.name,
      feed.shows,
      feed.circle_id,
      feed.view_id,
      feed.alarm_minutes,
      feed.made_on,
      digest,
    ],
  );

export const setDigest = (sql: Sql, id: string, digest: string) =>
  sql.query('update calendar_feed set token_digest = $2 where id = $1::uuid', [id, digest]);

export const removeFeed = (sql: Sql, id: string) =>
  sql.query('delete from calendar_feed where id = $1::uuid', [id]);

export interface ToldRow {
  uid: string;
  digest: string;
  sequence: number;
  changed_at: string;
}

/** What a calendar was told of its events before. */
export const readTold = (sql: Sql, feedId: string) =>
  sql.query<ToldRow>(
    'select uid, digest, sequence, changed_at from calendar_event where feed_id = $1::uuid',
    [feedId],
  );

/** Notes what a calendar is told now; a change raises the number. */
export const noteTold = (
  sql: Sql,
  feedId: string,
  rows: readonly { uid: string; digest: string }[],
  at: string,
) =>
  sql.query(
    `insert into calendar_event as e (feed_id, uid, digest, changed_at)
     select $3::uuid, r.uid, r.digest, $2::timestamptz from json_to_recordset($1::json) as r (uid text, digest text)
     on conflict (feed_id, uid) do update set digest = excluded.digest, sequence = e.sequence + 1,
       changed_at = greatest(e.changed_at, excluded.changed_at)
       where e.digest <> excluded.digest`,
    [recordset(rows), at, feedId],
  );

/** Forgets what calendars were told before a day: what is long past comes back under no number. */
export const forgetTold = (sql: Sql, before: string) =>
  sql.query('delete from calendar_event where changed_at < $1::date and uid like $2', [
    before,
    `${TOUCH_UID}%`,
  ]);
