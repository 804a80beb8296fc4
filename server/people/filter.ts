import type { PeopleFilter, PeopleSort, Who } from '@/contract/people';
import { fold } from '@/core/people';

/** A piece of SQL with its parameters; numbers in the text are filled in by {@link Params}. */
export class Params {
  readonly values: unknown[] = [];

  /** Adds a value and answers its placeholder. */
  add(value: unknown): string {
    this.values.push(value);
    return `$${this.values.length}`;
  }
}

const escapeLike = (text: string) => text.replace(/[\\%_]/g, '\\$&');

/**
 * The condition of a filter over `person p` joined with `person_standing s`. Needs `today` for
 * warmth, whose bands mirror core's `warmthOf`.
 */
export function filterSql(filter: PeopleFilter, today: string, params: Params): string {
  const all: string[] = ['true'];
  for (const word of fold(filter.text ?? '')
    .split(/\s+/)
    .filter(Boolean)) {
    const like = params.add(`%${escapeLike(word)}%`);
    all.push(
      `(p.search_text like ${like} or exists (select 1 from note n where n.person_id = p.id and n.search_text like ${like})
        or exists (select 1 from person_tag pt join tag g on g.id = pt.tag_id where pt.person_id = p.id and lower(g.name) like ${like}))`,
    );
  }
  if (filter.circleIds?.length)
    all.push(`p.circle_id = any(${params.add(filter.circleIds)}::uuid[])`);
  if (filter.tags?.length)
    all.push(
      `exists (select 1 from person_tag pt join tag g on g.id = pt.tag_id
         where pt.person_id = p.id and lower(g.name) = any(${params.add(filter.tags.map((t) => t.toLowerCase()))}::text[]))`,
    );
  if (filter.cadenceId)
    all.push(
      `exists (select 1 from enrolment e where e.person_id = p.id and e.stopped_on is null and e.cadence_id = ${params.add(filter.cadenceId)}::uuid)`,
    );
  if (filter.batchId) all.push(`p.batch_id = ${params.add(filter.batchId)}::uuid`);
  if (filter.lacks) all.push(LACKS[filter.lacks]);
  if (filter.warmths?.length)
    all.push(`${warmthSql(params.add(today))} = any(${params.add(filter.warmths)}::text[])`);
  return all.join(' and ');
}

const LACKS: Record<NonNullable<PeopleFilter['lacks']>, string> = {
  phone: `p.phone = ''`,
  email: `p.email = ''`,
  address: `p.address_line = ''`,
  circle: `p.circle_id is null`,
};

/** Mirrors core/touches/promise.ts: warmthOf. A test holds the two together. */
export const warmthSql = (today: string): string => `case
  when s.due_on is null then null
  when (s.due_on - ${today}::date)::numeric / s.promise_days > 0.5 then 'fresh'
  when (s.due_on - ${today}::date)::numeric / s.promise_days > 0.2 then 'steady'
  when s.due_on >= ${today}::date then 'soon'
  when (s.due_on - ${today}::date)::numeric / s.promise_days >= -0.5 then 'slipping'
  else 'quiet' end`;

const NAME_ORDER = `lower(p.family_name) collate "und-x-icu", lower(p.name) collate "und-x-icu", p.id`;

export const ORDER: Record<PeopleSort, string> = {
  slack: `s.due_on asc nulls last, ${NAME_ORDER}`,
  name: NAME_ORDER,
  added: 'p.added_on desc, p.id desc',
};

/** The condition that selects the people an action is for. */
export function whoSql(who: Who, today: string, params: Params): string {
  return 'ids' in who
    ? `p.id = any(${params.add(who.ids)}::uuid[])`
    : filterSql(who.filter, today, params);
}
