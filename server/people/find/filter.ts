import type { Lack, PeopleFilter, PeopleSort, Who } from '@/contract/filters';
import { fold } from '@/core/people';
import { soundsOf } from '@/core/same';

import { groupSql, type Asking } from './conditions';
import { foldedSql } from './folded';
import type { Params } from './params';
import { warmthSql } from './warmth';

const escapeLike = (text: string) => text.replace(/[\\%_]/g, '\\$&');

/**
 * Where the words that are searched for stand: in the records alone, also in notes or tags, or
 * nowhere as they are typed, so that those spelled or sounding alike will do.
 */
export type Stand = 'record' | 'anywhere' | 'near';

/**
 * The condition of a filter over `person p` joined with `person_standing s`. Warmth is as of
 * the day asked about; its bands mirror core's `warmthOf`.
 */
export function filterSql(
  filter: PeopleFilter,
  asking: Asking,
  params: Params,
  stand: Stand,
): string {
  const { today } = asking;
  const all: string[] = [AMONG[filter.among ?? 'sphere']];
  const words = searchWords(filter.text ?? '');
  if (words.length > 0) all.push(WORDS[stand](words, params));
  if (filter.circleIds?.length)
    all.push(`p.circle_id = any(${params.add(filter.circleIds)}::uuid[])`);
  if (filter.tags?.length)
    all.push(
      `exists (select 1 from person_tag pt join tag g on g.id = pt.tag_id
         where pt.person_id = p.id and lower(g.name) = any(array(select lower(v) from unnest(${params.add(filter.tags)}::text[]) v)))`,
    );
  if (filter.cadenceId)
    all.push(
      `exists (select 1 from enrolment e where e.person_id = p.id and e.open and e.cadence_id = ${params.add(filter.cadenceId)}::uuid)`,
    );
  if (filter.batchId) all.push(`p.batch_id = ${params.add(filter.batchId)}::uuid`);
  if (filter.lacks) all.push(lackSql(filter.lacks));
  if (filter.warmths?.length)
    all.push(`${warmthSql(params.add(today))} = any(${params.add(filter.warmths)}::text[])`);
  if (filter.rules?.of.length) all.push(groupSql(filter.rules, asking, params));
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

/** Where a word may stand: in the record, in a note, in a tag. */
const placesOf = (like: string): string[] => [
  `select id from person where search_text like ${like}`,
  `select person_id from note where search_text like ${like}`,
  `select pt.person_id from person_tag pt join tag g on g.id = pt.tag_id where ${foldedSql('g.name')} like ${like}`,
];
const likeWord = (word: string, params: Params) => params.add(`%${escapeLike(word)}%`);

/**
 * Whoever is in all of these queries of ids. They are run once, and make one array, so that no plan,
 * however little is known of the tables, runs them again for each person.
 */
const inAll = (queries: readonly string[]): string => `p.id = any(${idsInAll(queries)})`;

const idsInAll = (queries: readonly string[]): string =>
  `array(${queries.map((query) => `(${query})`).join(' intersect ')})`;

const exactIds = (word: string, params: Params): string =>
  placesOf(likeWord(word, params)).join(' union all ');

/** Numbers and very short words are not guessed at. */
export const isGuessed = (word: string): boolean => word.length >= 3 && !/\d/.test(word);

/** Spelled or sounding alike, among these ids if they are given. */
function nearIds(word: string, params: Params, among: string | null): string {
  const of = (id: string) => (among ? `and ${id} = any(${among})` : '');
  const [text, sounds] = [params.add(word), params.add([...new Set(soundsOf(word))])];
  return `select id from person where search_text %> ${text} ${of('id')}
    union all select id from person where sounds && ${sounds}::text[] ${of('id')}
    union all select person_id from note where search_text %> ${text} ${of('person_id')}`;
}

/** Words that are not guessed at say among whom the others are looked for: few, as a rule. */
function allNear(words: readonly string[], params: Params): string {
  const sure = words.filter((word) => !isGuessed(word));
  const exact = sure.map((word) => exactIds(word, params));
  const among = sure.length > 0 ? idsInAll(exact) : null;
  const guessed = words.filter(isGuessed).map((word) => nearIds(word, params, among));
  return inAll([...exact, ...guessed]);
}

const WORDS: Record<Stand, (words: readonly string[], params: Params) => string> = {
  record: (words, params) =>
    words.map((word) => `p.search_text like ${likeWord(word, params)}`).join(' and '),
  anywhere: (words, params) => inAll(words.map((word) => exactIds(word, params))),
  near: allNear,
};

/** Asks where the words stand: whether all are in one record, and whether any is in a note or a tag. */
export function standSql(words: readonly string[], params: Params): string {
  const likes = words.map((word) => likeWord(word, params));
  const record = likes.map((like) => `search_text like ${like}`).join(' and ');
  const elsewhere = likes.flatMap((like) =>
    placesOf(like)
      .slice(1)
      .map((place) => `exists (${place})`),
  );
  return `select exists (select 1 from person where ${record}) as record, (${elsewhere.join(' or ')}) as elsewhere`;
}

const NAME_ORDER = 'p.sort_name collate "C", p.id';

export const ORDER: Record<Exclude<PeopleSort, 'match'>, string> = {
  slack: `s.due_on asc nulls last, ${NAME_ORDER}`,
  name: NAME_ORDER,
  added: 'p.added_on desc, p.id desc',
};

/** What is searched for comes first where a name begins with it, then by name. */
export const searchOrder = (filter: PeopleFilter, params: Params): string =>
  `p.sort_name not like ${params.add(`${escapeLike(searchWords(filter.text ?? '').join(' '))}%`)}, ${NAME_ORDER}`;

/** The condition that selects the people an action is for. */
export function whoSql(who: Who, asking: Asking, params: Params, stand: Stand): string {
  return 'ids' in who
    ? `p.id = any(${params.add(who.ids)}::uuid[])`
    : filterSql(who.filter, asking, params, stand);
}
