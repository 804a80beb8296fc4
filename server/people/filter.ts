import type { Lack, PeopleFilter, PeopleSort, Who } from '@/contract/filters';
import { fold } from '@/core/people';
import { soundsOf } from '@/core/same';

import { groupSql } from './conditions';
import type { Params } from './params';
import { warmthSql } from './warmth';

const escapeLike = (text: string) => text.replace(/[\\%_]/g, '\\$&');

/**
 * The condition of a filter over `person p` joined with `person_standing s`. Needs `today` for
 * warmth, whose bands mirror core's `warmthOf`.
 */
export function filterSql(filter: PeopleFilter, today: string, params: Params): string {
  const all: string[] = [AMONG[filter.among ?? 'sphere']];
  const words = searchWords(filter.text ?? '');
  if (words.length > 0) all.push(searchSql(words, params));
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
  if (filter.lacks) all.push(lackSql(filter.lacks));
  if (filter.warmths?.length)
    all.push(`${warmthSql(params.add(today))} = any(${params.add(filter.warmths)}::text[])`);
  if (filter.rules?.of.length) all.push(groupSql(filter.rules, today, params));
  return all.join(' and ');
}

const AMONG: Record<NonNullable<PeopleFilter['among']>, string> = {
  sphere: 'p.archived_on is null and p.deleted_on is null',
  archived: 'p.archived_on is not null and p.deleted_on is null',
  deleted: 'p.deleted_on is not null and p.merged_into is null',
};

const LACKS: Record<Lack, string> = {
  name: `p.given_name = '' and p.family_name = '' and p.goes_by = '' and p.company = ''`,
  phone: `p.phone = ''`,
  email: `p.email = ''`,
  address: `p.address_line = ''`,
  place: `p.place = ''`,
  birthday: 'p.birthday is null',
  circle: 'p.circle_id is null',
  consent: `p.consent = '{}'`,
};

/** The condition that a person lacks something. */
export const lackSql = (lack: Lack): string => `(${LACKS[lack]})`;

/** The words searched for, folded; a number is looked for by its digits alone. */
export const searchWords = (text: string): string[] =>
  fold(text)
    .split(/\s+/)
    .map((word) => (/^[+(\d][\d().\-/+]*$/.test(word) ? word.replace(/\D/g, '') : word))
    .map((word) => word.replace(/^#/, ''))
    .filter(Boolean);

// Folding in SQL, for the few tags: lower case without accents.
const FOLDED_TAG = `regexp_replace(normalize(lower(g.name), NFD), '[\\u0300-\\u036f]', '', 'g')`;

const exactSql = (word: string, params: Params): string => {
  const like = params.add(`%${escapeLike(word)}%`);
  return `p.id in (select id from person where search_text like ${like}
    union all select person_id from note where search_text like ${like}
    union all select pt.person_id from person_tag pt join tag g on g.id = pt.tag_id where ${FOLDED_TAG} like ${like})`;
};

/** Spelled or sounding alike; numbers and very short words are not guessed at. */
function nearSql(word: string, params: Params): string {
  if (word.length < 3 || /\d/.test(word)) return exactSql(word, params);
  const [text, sounds] = [params.add(word), params.add([...new Set(soundsOf(word))])];
  return `p.id in (select id from person where search_text %> ${text} or sounds && ${sounds}::text[]
    union all select person_id from note where search_text %> ${text})`;
}

/** Whether anybody matches the words as they are typed. */
export const exactMatchSql = (words: readonly string[], params: Params): string =>
  `exists (select 1 from person p where p.deleted_on is null and ${words.map((word) => exactSql(word, params)).join(' and ')})`;

/** Every word, in any order; only if nobody matches as typed, those spelled or sounding alike. */
function searchSql(words: readonly string[], params: Params): string {
  const exact = words.map((word) => exactSql(word, params)).join(' and ');
  const near = words.map((word) => nearSql(word, params)).join(' and ');
  return `((${exact}) or (not ${exactMatchSql(words, params)} and ${near}))`;
}

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
