import { call } from '@/contract/call';
import { addRule } from '@/contract/greetings';
import { readLists } from '@/contract/lists';
import { editPerson, getPerson, type PersonRow } from '@/contract/people';
import { saveSettings } from '@/contract/settings';
import { addTie } from '@/contract/story';
import { RULE_PATTERNS } from '@/core/almanac';

import type { Random } from './random';

/** The rules that Marisol greets by, the first that fits first: patterns, each for so many of her circles. */
const RULES: readonly [pattern: string, circles: number | null][] = [
  ['birthday-call', 1],
  ['birthday-round-card', null],
  ['birthday-email', null],
  ['wedding-card', 3],
  ['work-round-call', 2],
  ['work-email', null],
  ['child-text', null],
  ['new-year-card', 1],
];

/** Weddings, of which some have no year, and the days on which they fall; December has its share. */
const WEDDINGS = [
  '2001-12-12',
  '12-19',
  '2016-12-05',
  '1998-06-14',
  '2010-08-07',
  '05-23',
  '2019-09-28',
];

/** What she knows of weddings and children of December, the feasts she looks at, and her rules. */
export async function beginGreetings(
  base: string,
  random: Random,
  rows: readonly PersonRow[],
): Promise<void> {
  await call(saveSettings, { body: { faiths: ['christian', 'jewish'] } }, { base });
  const weddings = [...WEDDINGS];
  const greeted = new Set<string>();
  for (const { id } of rows) {
    const { household } = await call(getPerson, { params: { id } }, { base });
    const on = weddings[0];
    if (!on || !household || household.members.length !== 2 || greeted.has(household.id)) continue;
    greeted.add(household.id);
    weddings.shift();
    for (const member of household.members) await addDate(base, member.id, 'Wedding', on);
  }
  const parents = rows.filter(({ circle }) => circle === 'Inner' || circle === 'Close').slice(4, 7);
  for (const [i, { id }] of parents.entries())
    await call(
      addTie,
      {
        params: { id },
        body: {
          kind: 'child',
          otherName: ['Odile', 'Rufus', 'Inka'][i]!,
          birthday: `201${random.int(2, 9)}-12-0${3 + 2 * i}`,
        },
      },
      { base },
    );
  const { circle } = await call(readLists, {}, { base });
  for (const [key, circles] of RULES) {
    const { occasion, kind, way, years, leadDays, subject, words } = RULE_PATTERNS.find(
      (one) => one.key === key,
    )!;
    const ids = circles === null ? [] : circle.slice(0, circles).map(({ id }) => id);
    const body = { occasion, kind, way, years, leadDays, subject, words, circles: ids };
    await call(addRule, { body }, { base });
  }
}

async function addDate(base: string, id: string, name: string, on: string): Promise<void> {
  const { version, fields } = await call(getPerson, { params: { id } }, { base });
  const dates = [...fields.dates, { name, on }];
  await call(editPerson, { params: { id }, body: { version, dates } }, { base });
}
