import type { Change } from '@/contract/many';
import type { Who } from '@/contract/filters';
import { need } from '@/core/need';
import { CHANNEL_WORDS, type OwnField } from '@/core/people';
import { plural } from '@/core/time';

import { actOnMany } from '../../act';
import type { Context } from '../../context';
import { one, type Sql } from '../../db';
import { notFound } from '../../api';
import { ensureEntries, readOwnFields } from '../../lists';
import { raiseVersions, tagPeople } from '../actions';
import { assertCircle } from '../find/find';
import { cleanOwn } from '../record/clean-fields';
import { Params } from '../find/params';
import { resolveSelection } from '../find/selection';

/** What a change does, as SQL over `person p` with parameters of its own. */
interface Plan {
  /** Who stays as they are, and why; the first reason that fits counts. */
  rest: { where: string; why: string }[];
  /** What is written to the others, with its parameters; tags go their own way. */
  set: (() => string) | null;
  sentence: (people: string) => string;
  /** Whether it changes anybody's plan: who is planned for, and what they were promised. */
  plans?: boolean;
}

const GONE = { where: 'p.deleted_on is not null', why: 'deleted; restore them first' };

function planOf(change: Change, params: Params, today: string, own: OwnField[]): Plan {
  switch (change.do) {
    case 'circle':
    case 'standing':
    case 'source':
    case 'promise':
      return columnPlan(change, params);
    case 'addTag':
    case 'removeTag':
    case 'addRole':
    case 'removeRole':
      return labelPlan(change, params);
    case 'consent':
      return consentPlan(change, params, today);
    case 'own':
      return ownPlan(change, params, own);
    case 'archive':
    case 'delete':
    case 'restore':
      return presencePlan(change, params, today);
  }
}

type Of<Do extends Change['do']> = Extract<Change, { do: Do }>;

const HAVE_IT = 'have it already';

/** One column gets one value. */
function columnPlan(
  change: Of<'circle' | 'standing' | 'source' | 'promise'>,
  params: Params,
): Plan {
  const is = (column: string, value: unknown, type: string, what: string, why = HAVE_IT): Plan => {
    const at = `${params.add(value)}::${type}`;
    return {
      rest: [GONE, { where: `p.${column} is not distinct from ${at}`, why }],
      set: () => `${column} = ${at}`,
      sentence: (people) => `${what} of ${people}`,
    };
  };
  switch (change.do) {
    case 'circle':
      return {
        ...is('circle_id', change.circleId, 'uuid', '', 'in this circle already'),
        sentence: (people) => `Moved ${people} to another circle`,
        plans: true,
      };
    case 'standing':
      return is('standing', change.standing, 'text', 'Changed the standing');
    case 'source':
      return is('source', change.source, 'text', 'Changed the source');
    case 'promise':
      return {
        ...is('own_promise_days', change.days, 'int', 'Changed the promise'),
        plans: true,
      };
  }
}

/** A tag or a role is given or taken. */
function labelPlan(
  change: Of<'addTag' | 'removeTag' | 'addRole' | 'removeRole'>,
  params: Params,
): Plan {
  const NOT_IT = 'do not have it';
  const label = params.add('tag' in change ? change.tag : change.role);
  switch (change.do) {
    case 'addTag':
      return {
        rest: [GONE, { where: tagged(label), why: HAVE_IT }],
        set: null,
        sentence: (people) => `Tagged ${people} #${change.tag}`,
      };
    case 'removeTag':
      return {
        rest: [GONE, { where: `not ${tagged(label)}`, why: NOT_IT }],
        set: null,
        sentence: (people) => `Took #${change.tag} off ${people}`,
      };
    case 'addRole':
      return {
        rest: [GONE, { where: `${label}::text = any(p.roles)`, why: HAVE_IT }],
        set: () => `roles = roles || ${label}::text`,
        sentence: (people) => `Made ${people} ${change.role}`,
      };
    case 'removeRole':
      return {
        rest: [GONE, { where: `not ${label}::text = any(p.roles)`, why: NOT_IT }],
        set: () => `roles = array_remove(roles, ${label}::text)`,
        sentence: (people) => `Took ${change.role} off ${people}`,
      };
  }
}

/** A field of the owner's own gets a value, or loses it. */
function ownPlan(change: Of<'own'>, params: Params, own: OwnField[]): Plan {
  const field = own.find(({ id }) => id === change.fieldId);
  if (!field) throw notFound('This custom field no longer exists.');
  const key = `${params.add(change.fieldId)}::text`;
  const checked =
    change.value === null
      ? undefined
      : cleanOwn(own, { [change.fieldId]: change.value })[change.fieldId];
  const value = checked === undefined ? null : JSON.stringify(checked);
  const json = `${params.add(value)}::jsonb`;
  return {
    rest: [GONE, { where: `(p.own -> ${key}) is not distinct from ${json}`, why: HAVE_IT }],
    set: () =>
      value === null ? `own = own - ${key}` : `own = own || jsonb_build_object(${key}, ${json})`,
    sentence: (people) => `Changed ${field.name} of ${people}`,
  };
}

/** People are put away, or come back. */
function presencePlan(
  change: Of<'archive' | 'delete' | 'restore'>,
  params: Params,
  today: string,
): Plan {
  switch (change.do) {
    case 'archive':
      return {
        rest: [GONE, { where: 'p.archived_on is not null', why: 'archived already' }],
        set: () => `archived_on = ${params.add(today)}::date`,
        sentence: (people) => `Archived ${people}`,
        plans: true,
      };
    case 'delete':
      return {
        rest: [{ where: 'p.deleted_on is not null', why: 'deleted already' }],
        set: () => `deleted_on = ${params.add(today)}::date`,
        sentence: (people) => `Deleted ${people}; they can come back for 30 days`,
        plans: true,
      };
    case 'restore':
      return {
        rest: [
          { where: 'p.merged_into is not null', why: 'merged; take the two apart instead' },
          { where: 'p.archived_on is null and p.deleted_on is null', why: 'here already' },
        ],
        set: () => 'archived_on = null, deleted_on = null',
        sentence: (people) => `Brought ${people} back`,
        plans: true,
      };
  }
}

const tagged = (name: string): string =>
  `exists (select 1 from person_tag pt join tag g on g.id = pt.tag_id
     where pt.person_id = p.id and lower(g.name) = lower(${name}::text))`;

function consentPlan(change: Of<'consent'>, params: Params, today: string): Plan {
  const { channel, answer, cameFrom } = change;
  const present = `p.consent -> '${channel}' ->> 'answer'`;
  const words = CHANNEL_WORDS[channel].toLowerCase();
  const rest = [GONE];
  if (answer !== 'no')
    rest.push({
      where: `${present} = 'no'`,
      why: `said no to ${words}; a no is changed on their own sheet`,
    });
  rest.push({
    where: answer === null ? `${present} is null` : `${present} = '${answer}'`,
    why: answer === null ? 'were not asked' : 'said so already',
  });
  const entry = JSON.stringify({ [channel]: { answer, on: today, cameFrom } });
  return {
    rest,
    set: () =>
      answer === null
        ? `consent = consent - '${channel}'`
        : `consent = consent || ${params.add(entry)}::jsonb`,
    sentence: (people) => `Noted ${answer ?? 'not asked'} to ${words} for ${people}`,
    plans: true,
  };
}

const NAMES_SHOWN = 20;

async function prepare(ctx: Context, sql: Sql, ids: readonly string[], change: Change) {
  const params = new Params();
  const at = params.add(ids);
  const plan = planOf(change, params, ctx.clock.today(), await readOwnFields(sql));
  const reason = `case ${plan.rest.map(({ where }, i) => `when ${where} then ${i}`).join(' ')} end`;
  return { params, at, plan, reason };
}

/** Whom a change would touch, and who stays as they are and why; writes nothing. */
export async function preview(ctx: Context, who: Who, change: Change) {
  const ids = await resolveSelection(ctx, who);
  const { params, at, plan, reason } = await prepare(ctx, ctx.db, ids, change);
  const rows = await ctx.db.query<{ reason: number | null; people: number; names: string[] }>(
    `select reason, count(*)::int as people, (array_agg(name order by name))[1:${NAMES_SHOWN}] as names
     from (select ${reason} as reason, p.name from person p where p.id = any(${at}::uuid[])) r
     group by reason order by reason`,
    params.values,
  );
  const changed = rows.find((row) => row.reason === null)?.people ?? 0;
  return {
    meant: rows.reduce((sum, { people }) => sum + people, 0),
    changed,
    rest: rows.flatMap((row) =>
      row.reason === null
        ? []
        : [{ why: need(plan.rest[row.reason]).why, people: row.people, names: row.names }],
    ),
    besides: await besides(ctx, ids, change),
  };
}

async function besides(ctx: Context, ids: readonly string[], change: Change): Promise<string[]> {
  if (change.do !== 'archive' && change.do !== 'delete') return [];
  const { people } = await one<{ people: number }>(
    ctx.db,
    `select count(distinct person_id)::int as people from enrolment
     where stopped_on is null and person_id = any($1::uuid[])`,
    [ids],
  );
  const lines: string[] = [];
  if (people > 0)
    lines.push(
      `${plural(people, 'person is', 'people are')} on a cadence. Nothing is scheduled for them until you restore them.`,
    );
  if (change.do === 'delete')
    lines.push('After 30 days their notes, touches and everything else are erased for good.');
  return lines;
}

/** Changes everybody meant who can be changed, in one action; many in steps. */
export async function changeMany(ctx: Context, who: Who, change: Change) {
  if (change.do === 'circle') await assertCircle(ctx.db, change.circleId);
  const meant = await resolveSelection(ctx, who);
  const { plan } = await prepare(ctx, ctx.db, meant, change);
  const changed: string[] = [];
  return actOnMany(
    ctx,
    `Changing ${plural(meant.length, 'person', 'people')}`,
    meant,
    async (tx, some) => void changed.push(...(await changeSome(ctx, tx, some, change))),
    () => ({
      people: changed.length,
      sentence: plan.sentence(plural(changed.length, 'person', 'people')),
      plan: plan.plans ? changed : 'nobody',
      about: changed,
      topics: ['people', 'lists'],
    }),
  );
}

/** Changes those of `ids` who can be changed; answers who they are. */
async function changeSome(ctx: Context, tx: Sql, ids: readonly string[], change: Change) {
  const canonical = await withListName(tx, change);
  const { params, at, plan, reason } = await prepare(ctx, tx, ids, canonical);
  const meant = `p.id = any(${at}::uuid[]) and ${reason} is null`;
  const rows = plan.set
    ? await tx.query<{ id: string }>(
        `update person p set ${plan.set()}, version = version + 1 where ${meant} returning id`,
        params.values,
      )
    : await changeTags(tx, canonical, meant, params);
  return rows.map(({ id }) => id);
}

/** A name that is new is put on its list; one that is there is written as the list writes it. */
async function withListName(tx: Sql, change: Change): Promise<Change> {
  const named = async (list: 'role' | 'standing' | 'source', name: string) =>
    (await ensureEntries(tx, list, [name])).get(name) ?? name;
  if (change.do === 'standing')
    return { ...change, standing: await named('standing', change.standing) };
  if (change.do === 'source') return { ...change, source: await named('source', change.source) };
  if (change.do === 'addRole') return { ...change, role: await named('role', change.role) };
  return change;
}

/** So many records at once may be raised to their next version: fewer than a part of a large change. */
const FEW_TAGGED = 49;

async function changeTags(tx: Sql, change: Change, meant: string, params: Params) {
  const rows = await tx.query<{ id: string }>(
    `select p.id from person p where ${meant}`,
    params.values,
  );
  if (change.do === 'addTag')
    await tagPeople(
      tx,
      rows.map(({ id }) => ({ personId: id, tag: change.tag })),
    );
  if (change.do === 'removeTag')
    await tx.query(
      `delete from person_tag pt using tag g where g.id = pt.tag_id and lower(g.name) = lower($2)
         and pt.person_id = any($1::uuid[])`,
      [rows.map(({ id }) => id), change.tag],
    );
  // Of very many it would write every record anew; who edits tags on a sheet is told all the same.
  if (rows.length <= FEW_TAGGED)
    await raiseVersions(
      tx,
      rows.map(({ id }) => id),
    );
  return rows;
}
