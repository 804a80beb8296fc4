import { need } from '@/core/need';
import {
  conditionFaultSentence,
  findConditionFault,
  fold,
  isGroup,
  type Condition,
  type FieldKey,
  type Group,
} from '@/core/people';

import { invalid } from '../../api';
import type { Context } from '../../context';
import { foldedSql } from './folded';
import type { Params } from './params';
import { FACTS, type Fact } from '../slots';
import { warmthSql } from './warmth';

/** What a condition is written with. */
interface Asked extends Asking {
  condition: Condition;
  params: Params;
}

/** What every filter is asked with: the owner's day, and what subjects know of people. */
export interface Asking {
  today: string;
  facts: readonly Fact[];
}

/** What conditions need besides the database: the day and the facts that subjects provide. */
export const asking = (ctx: Context): Asking => ({
  today: ctx.clock.today(),
  facts: ctx.house.of(FACTS),
});

type Write = (asked: Asked) => string;

/** All, any or none of the parts; mirrors what core says about groups. */
export function groupSql(group: Group, asking: Asking, params: Params): string {
  const parts = group.of.map((part) =>
    isGroup(part)
      ? groupSql(part, asking, params)
      : // What is not known is neither the one nor the other: it does not match.
        `coalesce(${conditionSql({ condition: part, params, ...asking })}, false)`,
  );
  if (parts.length === 0) return 'true';
  if (group.match === 'none') return `not (${parts.join(' or ')})`;
  return `(${parts.join(group.match === 'all' ? ' and ' : ' or ')})`;
}

function conditionSql(asked: Asked): string {
  const { field } = asked.condition;
  if (field.startsWith('own:')) return ownSql(field.slice(4), asked);
  if (field.startsWith('fact:')) return factSql(field.slice(5), asked);
  // Here, where every filter comes by, whatever endpoint took it.
  const fault = findConditionFault({ match: 'all', of: [asked.condition] }, []);
  if (fault) throw invalid(conditionFaultSentence(fault), 'rules');
  return FIELD_SQL[field as FieldKey](asked);
}

const like = (text: string) => text.replace(/[\\%_]/g, '\\$&');
/** There is one: what lacks it was refused before. */
const first = ({ condition }: Asked) => need(condition.values[0]);
/** In lower case by the database, as what they are compared with: languages of programs differ on İ and Σ. */
const strings = ({ condition, params }: Asked) =>
  `array(select lower(v) from unnest(${params.add(condition.values.map(String))}::text[]) v)`;

/** A text column put to a text test. */
function textSql(column: string, asked: Asked, folded = foldedSql(column)): string {
  const { condition, params } = asked;
  const text = fold(String(condition.values[0] ?? ''));
  switch (condition.test) {
    case 'contains':
      return `${folded} like ${params.add(`%${like(text)}%`)}`;
    case 'is':
      return `${folded} = ${params.add(text)}`;
    case 'starts':
      return `${folded} like ${params.add(`${like(text)}%`)}`;
    case 'letters': {
      const [from, to] = condition.values.map((value) => fold(String(value))) as [string, string];
      const start = `left(${folded}, ${params.add(to.length)}::int)`;
      return `(${folded} collate "C" >= ${params.add(from)} and ${start} collate "C" <= ${params.add(to)} and ${column} <> '')`;
    }
    case 'empty':
      return `${column} = ''`;
    default:
      return `${column} <> ''`;
  }
}

/** One of several values, each a single text. */
function choiceSql(expression: string, asked: Asked): string {
  switch (asked.condition.test) {
    case 'anyOf':
      return `lower(${expression}) = any(${strings(asked)})`;
    case 'noneOf':
      return `lower(coalesce(${expression}, '')) <> all(${strings(asked)})`;
    case 'empty':
      return `coalesce(${expression}, '') = ''`;
    default:
      return `coalesce(${expression}, '') <> ''`;
  }
}

/** A list of texts of one person. */
function manySql(list: string, asked: Asked): string {
  const lower = `array(select lower(v) from unnest(${list}) v)`;
  switch (asked.condition.test) {
    case 'anyOf':
      return `${lower} && ${strings(asked)}`;
    case 'allOf':
      return `${lower} @> ${strings(asked)}`;
    case 'noneOf':
      return `not ${lower} && ${strings(asked)}`;
    case 'empty':
      return `cardinality(${list}) = 0`;
    default:
      return `cardinality(${list}) > 0`;
  }
}

function numberSql(expression: string, asked: Asked): string {
  const { condition, params } = asked;
  const value = (i: number) => `${params.add(String(condition.values[i]))}::numeric`;
  switch (condition.test) {
    case 'atLeast':
      return `${expression} >= ${value(0)}`;
    case 'atMost':
      return `${expression} <= ${value(0)}`;
    case 'between':
      return `${expression} between ${value(0)} and ${value(1)}`;
    case 'empty':
      return `${expression} is null`;
    default:
      return `${expression} is not null`;
  }
}

function dateSql(expression: string, asked: Asked): string {
  const { condition, params, today } = asked;
  const day = (i: number) => `${params.add(String(condition.values[i]))}::date`;
  const now = () => `${params.add(today)}::date`;
  const days = () => `${params.add(Number(condition.values[0]))}::int`;
  switch (condition.test) {
    case 'inLast':
      return `${expression} between ${now()} - ${days()} and ${now()}`;
    case 'notInLast':
      // Never is also not in the last days.
      return `(${expression} is null or ${expression} < ${now()} - ${days()})`;
    case 'inNext':
      return `${expression} between ${now()} and ${now()} + ${days()}`;
    case 'on':
      return `${expression} = ${day(0)}`;
    case 'before':
      return `${expression} < ${day(0)}`;
    case 'after':
      return `${expression} > ${day(0)}`;
    case 'between':
      return `${expression} between ${day(0)} and ${day(1)}`;
    case 'empty':
      return `${expression} is null`;
    default:
      return `${expression} is not null`;
  }
}

/** A yearly day as 'MM-DD' or 'YYYY-MM-DD': the next days may reach over the end of the year. */
function yearlySql(expression: string, asked: Asked): string {
  const { condition, params, today } = asked;
  const monthDay = `right(${expression}, 5)`;
  switch (condition.test) {
    case 'inNext': {
      const day = `${params.add(today)}::date`;
      const days = `${params.add(Math.min(366, Number(first(asked))))}::int`;
      return `${monthDay} in (select to_char(${day} + n, 'MM-DD') from generate_series(0, ${days}) n)`;
    }
    case 'month': {
      const now = Number(today.slice(5, 7));
      const value = String(first(asked));
      const month = value === 'this' ? now : value === 'next' ? (now % 12) + 1 : Number(value);
      return `left(${monthDay}, 2) = ${params.add(String(month).padStart(2, '0'))}`;
    }
    case 'empty':
      return `${expression} is null`;
    default:
      return `${expression} is not null`;
  }
}

const flagSql = (expression: string, { condition }: Asked): string =>
  condition.test === 'yes' ? expression : `not ${expression}`;

function consentSql(channel: string, { condition }: Asked): string {
  const answer = `p.consent -> '${channel}' ->> 'answer'`;
  return condition.test === 'notAsked' ? `${answer} is null` : `${answer} = '${condition.test}'`;
}

/** Among the ids of something that a person is in. */
function idsSql(ids: string, asked: Asked): string {
  const { condition, params } = asked;
  const given = () => `${params.add(condition.values.map(String))}::text[]`;
  switch (condition.test) {
    case 'anyOf':
      return `exists (${ids} and x.id::text = any(${given()}))`;
    case 'noneOf':
      return `not exists (${ids} and x.id::text = any(${given()}))`;
    case 'empty':
      return `not exists (${ids})`;
    default:
      return `exists (${ids})`;
  }
}

const EARTH_KM = 6371.0088;

/** Kilometres from a point on the sphere (haversine), within 0.5 % of the ellipsoid. */
function distanceSql({ condition, params }: Asked): string {
  if (condition.test === 'empty') return 'p.lat is null';
  if (condition.test === 'filled') return 'p.lat is not null';
  const [km, lat, lon] = condition.values.map((value) => `${params.add(Number(value))}::float8`);
  return `2 * ${EARTH_KM} * asin(least(1, sqrt(
    power(sin(radians(p.lat - ${lat}) / 2), 2) +
    cos(radians(${lat})) * cos(radians(p.lat)) * power(sin(radians(p.lon - ${lon}) / 2), 2)))) <= ${km}`;
}

const text =
  (column: string): Write =>
  (asked) =>
    textSql(column, asked);

/** A test of any one of several rows; "is not known" asks that there be none. */
const anyRow =
  (rows: string, column: string, test: (expression: string, asked: Asked) => string): Write =>
  (asked) =>
    asked.condition.test === 'empty'
      ? `not exists (${rows})`
      : `exists (${rows} and ${test(column, asked)})`;

const YEARLY_DATES = `select 1 from (select p.birthday as on_day union all
  select d ->> 'on' from jsonb_array_elements(p.dates) d) y where y.on_day is not null`;

/** What tells the state of an enrolment, and the column of its first day. */
const STATES = {
  running: { is: 'e.open and e.paused_on is null', since: 'e.start_on' },
  paused: { is: 'e.open and e.paused_on is not null', since: 'e.paused_on' },
  finished: { is: 'e.finished_on is not null', since: 'e.finished_on' },
  stopped: { is: 'e.stopped_on is not null', since: 'e.stopped_on' },
} as const;

const cadencesIn = (state: string) =>
  `select e.cadence_id as id from enrolment e where e.person_id = p.id and ${state}`;

/** The cadences on which somebody is in a state; one that is not begun yet doesn't run. */
const enrolledIn =
  (state: keyof typeof STATES): Write =>
  (asked) => {
    const begun =
      state === 'running' ? ` and e.start_on <= ${asked.params.add(asked.today)}::date` : '';
    return idsSql(`select 1 from (${cadencesIn(STATES[state].is + begun)}) x where true`, asked);
  };

/** Since when somebody is in a state, on any cadence; on the one where they came into it last. */
const enrolledOn =
  (state: keyof typeof STATES): Write =>
  (asked) =>
    dateSql(
      `(select max(${STATES[state].since}) from enrolment e where e.person_id = p.id and ${STATES[state].is})`,
      asked,
    );

const FIELD_SQL: Record<FieldKey, Write> = {
  name: text('p.name'),
  // The order of lists begins with the folded family name.
  familyName: (asked) =>
    textSql(
      'p.family_name',
      asked,
      ['starts', 'letters'].includes(asked.condition.test) ? 'p.sort_name' : undefined,
    ),
  givenName: text('p.given_name'),
  company: text('p.company'),
  jobTitle: text('p.job_title'),
  note: (asked) =>
    asked.condition.test === 'empty'
      ? 'not exists (select 1 from note n where n.person_id = p.id)'
      : // Asked once for all people, not once for each.
        `p.id in (select n.person_id from note n where ${textSql('n.body', asked, 'n.search_text')})`,
  noteTag: anyRow(
    'select 1 from note n cross join unnest(n.tags) t where n.person_id = p.id',
    't',
    textSql,
  ),
  tag: (asked) =>
    manySql(
      'array(select g.name from person_tag pt join tag g on g.id = pt.tag_id where pt.person_id = p.id)',
      asked,
    ),
  role: (asked) => manySql('p.roles', asked),
  interest: (asked) => manySql('p.interests', asked),
  // A circle is asked for by name, of which there are few: once for all people.
  circle: (asked) =>
    ['anyOf', 'noneOf'].includes(asked.condition.test)
      ? `${asked.condition.test === 'noneOf' ? 'p.circle_id is null or not ' : ''}p.circle_id in
           (select c.id from circle c where lower(c.name) = any(${strings(asked)}))`
      : `p.circle_id is ${asked.condition.test === 'empty' ? '' : 'not'} null`,
  warmth: (asked) => choiceSql(`(${warmthSql(asked.params.add(asked.today))})`, asked),
  standing: (asked) => choiceSql('p.standing', asked),
  source: (asked) => choiceSql('p.source', asked),
  cadence: (asked) => idsSql(`select 1 from (${cadencesIn('e.open')}) x where true`, asked),
  cadenceRunning: enrolledIn('running'),
  cadencePaused: enrolledIn('paused'),
  cadenceFinished: enrolledIn('finished'),
  cadenceStopped: enrolledIn('stopped'),
  cadenceRunningOn: enrolledOn('running'),
  cadencePausedOn: enrolledOn('paused'),
  cadenceFinishedOn: enrolledOn('finished'),
  cadenceStoppedOn: enrolledOn('stopped'),
  lastTouch: (asked) =>
    dateSql(
      `case when s.person_id is not null then s.last_on else
         (select max(l.on_day) from last_touch l where l.person_id = p.id and l.hold > 0) end`,
      asked,
    ),
  slack: (asked) => numberSql(`(s.due_on - ${asked.params.add(asked.today)}::date)`, asked),
  added: (asked) => dateSql('p.added_on', asked),
  batch: (asked) =>
    idsSql('select 1 from (select p.batch_id as id) x where x.id is not null', asked),
  birthday: (asked) => yearlySql('p.birthday', asked),
  anyDate: anyRow(YEARLY_DATES, 'y.on_day', yearlySql),
  service: (asked) =>
    asked.condition.test === 'notInLast'
      ? dateSql('(select max(j.completed_on) from job j where j.person_id = p.id)', asked)
      : anyRow(
          'select 1 from job j where j.person_id = p.id and j.completed_on is not null',
          'j.completed_on',
          dateSql,
        )(asked),
  referred: (asked) =>
    numberSql(
      `(select count(*) from tie t where t.other_id = p.id and t.kind = 'referred_by')`,
      asked,
    ),
  wouldRefer: (asked) => choiceSql('p.would_refer', asked),
  phone: anyRow(
    'select 1 from jsonb_array_elements(p.phones) v where true',
    `(v ->> 'value')`,
    textSql,
  ),
  email: anyRow(
    'select 1 from jsonb_array_elements(p.emails) v where true',
    `(v ->> 'value')`,
    textSql,
  ),
  street: text('p.address_line'),
  city: text('p.city'),
  region: text('p.region'),
  postalCode: text('p.postal_code'),
  place: text('p.place'),
  distance: distanceSql,
  language: text('p.language'),
  preferred: (asked) => choiceSql('p.preferred', asked),
  favourite: (asked) => flagSql('p.favourite', asked),
  household: (asked) =>
    flagSql(
      `exists (select 1 from person h where h.household_id = p.household_id and h.id <> p.id and h.archived_on is null and h.deleted_on is null)`,
      asked,
    ),
  photo: (asked) => flagSql('(p.photo_id is not null)', asked),
  consentCall: (asked) => consentSql('call', asked),
  consentText: (asked) => consentSql('text', asked),
  consentEmail: (asked) => consentSql('email', asked),
  consentPost: (asked) => consentSql('post', asked),
};

/** What a subject knows of a person, put to a test of its type. */
function factSql(key: string, asked: Asked): string {
  const fact = asked.facts.find((one) => one.key === key);
  if (!fact) return 'false';
  return BY_TYPE[fact.type](`(${fact.sql})`, asked);
}

const BY_TYPE: Record<Fact['type'], (expression: string, asked: Asked) => string> = {
  text: textSql,
  number: numberSql,
  date: dateSql,
  flag: flagSql,
};

/** An own field: the test says what kind of value is compared; values of another kind don't match. */
function ownSql(id: string, asked: Asked): string {
  const { condition, params } = asked;
  const key = params.add(id);
  const asText = `(p.own ->> ${key})`;
  const asNumber = `(case when jsonb_typeof(p.own -> ${key}) = 'number' then ${asText}::numeric end)`;
  const asDate = `(case when ${asText} ~ '^\\d{4}-\\d{2}-\\d{2}$' then ${asText}::date end)`;
  switch (condition.test) {
    case 'empty':
      return `coalesce(${asText}, '') = ''`;
    case 'filled':
      return `coalesce(${asText}, '') <> ''`;
    case 'yes':
      return `${asText} = 'true'`;
    case 'no':
      return `coalesce(${asText}, 'false') <> 'true'`;
    case 'anyOf':
    case 'noneOf':
      return choiceSql(asText, asked);
    case 'atLeast':
    case 'atMost':
      return numberSql(asNumber, asked);
    case 'between':
      return /^\d{4}-/.test(String(first(asked)))
        ? dateSql(asDate, asked)
        : numberSql(asNumber, asked);
    case 'contains':
    case 'is':
    case 'starts':
    case 'letters':
      return textSql(`coalesce(${asText}, '')`, asked);
    default:
      return dateSql(asDate, asked);
  }
}
