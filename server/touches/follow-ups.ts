import {
  FOLLOW_UP,
  followUpReason,
  followUpSays,
  followUpSource,
  type FollowUpWords,
  type PlanFollowUp,
} from '@/core/follow-ups';
import { readKey } from '@/core/planner';
import type { PlainDate } from '@/core/time';
import type { TouchKind } from '@/core/touches';

import type { Sql } from '../db';
import { AMONG, EPOCH, groupBy, type TouchSource } from '../planner';

const NO_WORDS: FollowUpWords = { words: '', thanksFor: null };

const planFollowUps = (sql: Sql, ids: readonly string[] | null) =>
  sql.query<{
    id: string;
    person_id: string;
    on: number;
    kind: string;
    words: string;
    thanksFor: string | null;
  }>(
    `select f.id, f.person_id, f.on_day - ${EPOCH} as on, f.kind, f.words,
       came.name as "thanksFor"
     from follow_up f left join person came on came.id = f.thanks_for
     left join item_mark m on m.source = 'follow' and m.of_id = f.id and m.fate <> 'put_off'
     where m.id is null and ${AMONG('f.person_id')} order by f.person_id, f.id`,
    [ids],
  );

/** What the owner means to do on a day: it holds of each, by id, its words and whom it thanks for. */
export const followUps: TouchSource<ReadonlyMap<string, FollowUpWords>> = {
  core: followUpSource,
  async read({ db: sql }, ids, _, before) {
    const rows = await planFollowUps(sql, ids);
    const byPerson = groupBy(rows, ({ person_id }) => person_id);
    return {
      asks: new Map(
        [...byPerson].map(([id, mine]): [string, PlanFollowUp[]] => [
          id,
          mine.map((row) => ({ id: row.id, on: row.on, kind: row.kind as TouchKind })),
        ]),
      ),
      lookup: new Map([...(before ?? []), ...rows.map((row) => [row.id, row] as const)]),
    };
  },
  why: ({ item }, words, today) =>
    followUpReason(item, words.get(readKey(item.key).of) ?? NO_WORDS, today),
  words: ({ item }, words) => followUpSays(words.get(readKey(item.key).of) ?? NO_WORDS),
};

/** Open follow-ups of a day before that one, put off or not, the oldest first; mirrors `isGathered`. */
export const followUpsBefore = (sql: Sql, day: PlainDate) =>
  sql.query<{
    id: string;
    person_id: string;
    name: string;
    kind: TouchKind;
    words: string;
    on: PlainDate;
  }>(
    `select f.id, f.person_id, p.name, coalesce(m.kind, f.kind) as kind, f.words,
       greatest(f.on_day, m.until)::date as on
     from follow_up f join person p on p.id = f.person_id
     left join item_mark m on m.source = '${FOLLOW_UP}' and m.of_id = f.id
     where (m.id is null or m.fate = 'put_off') and greatest(f.on_day, m.until) < $1::date
       and p.archived_on is null and p.deleted_on is null
     order by 6, f.id`,
    [day],
  );

/** Follow-ups of a person that are not done. */
export const openFollowUps = (sql: Sql, personId: string) =>
  sql.query<{ on_day: string; words: string }>(
    `select f.on_day, f.words from follow_up f
     left join item_mark m on m.source = '${FOLLOW_UP}' and m.of_id = f.id and m.fate <> 'put_off'
     where f.person_id = $1::uuid and m.id is null order by f.on_day`,
    [personId],
  );
