import type { PeopleFilter, Who } from '@/contract/filters';
import {
  conditionFaultSentence,
  findConditionFault,
  isGroup,
  type Condition,
  type Group,
} from '@/core/people';

import type { Context } from '../../context';
import type { Sql } from '../../db';
import { invalid } from '../../api';
import { readOwnFields } from '../../lists';
import { FACTS } from '../slots';

/** Refuses a filter that can't be asked. */
export async function assertRules(ctx: Context, sql: Sql, who: Who): Promise<void> {
  const rules = 'filter' in who ? who.filter.rules : undefined;
  if (!rules) return;
  const fault = findConditionFault(rules, await readOwnFields(sql), ctx.house.of(FACTS));
  if (fault) throw invalid(conditionFaultSentence(fault), 'rules');
}

const CADENCE = { sql: 'select id::text as v from cadence', what: 'cadence' };

/** Where the values of a condition are looked up, by field. */
const NAMES: Record<string, { sql: string; what: string }> = {
  tag: { sql: 'select lower(name) as v from tag', what: 'tag' },
  circle: { sql: 'select lower(name) as v from circle', what: 'circle' },
  role: { sql: `select lower(name) as v from list_entry where list = 'role'`, what: 'role' },
  standing: {
    sql: `select lower(name) as v from list_entry where list = 'standing'`,
    what: 'standing',
  },
  source: { sql: `select lower(name) as v from list_entry where list = 'source'`, what: 'source' },
  cadence: CADENCE,
  cadenceRunning: CADENCE,
  cadencePaused: CADENCE,
  cadenceFinished: CADENCE,
  cadenceStopped: CADENCE,
  batch: { sql: 'select id::text as v from import_batch', what: 'import' },
};

const conditionsIn = (group: Group): Condition[] =>
  group.of.flatMap((part) => (isGroup(part) ? conditionsIn(part) : [part]));

/** What in a filter points to something that is not there any more: it then finds nobody by it. */
export async function filterWarnings(sql: Sql, filter: PeopleFilter): Promise<string[]> {
  const warnings: string[] = [];
  const asked = [
    ...(filter.rules ? conditionsIn(filter.rules) : []),
    ...(filter.tags ?? []).map((tag) => ({ field: 'tag', values: [tag] })),
  ];
  for (const { field, values } of asked) {
    const named = NAMES[field];
    if (!named || values.length === 0) continue;
    const missing = await sql.query<{ v: string }>(
      `select v from unnest($1::text[]) v where lower(v) not in (${named.sql})`,
      [values.map(String)],
    );
    for (const { v } of missing) {
      const name = /^[0-9a-f-]{36}$/.test(v) ? `The ${named.what}` : `The ${named.what} “${v}”`;
      warnings.push(`${name} is not there any more, so nobody is found by it.`);
    }
  }
  return warnings;
}
