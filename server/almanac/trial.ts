import type { CallOutput } from '@/contract/endpoint';
import type { RuleDraft, tryRule as api } from '@/contract/greetings';
import { dateWords, totalsOf, type Greeting } from '@/core/almanac';
import { need } from '@/core/need';
import { fill } from '@/core/templates';
import { toDayNumber, toPlainDate } from '@/core/time';
import { kindSetups } from '@/core/touches';

import type { Context } from '../context';
import { newId } from '../db';
import { sphereNow } from '../planner';
import { faultsOfWords, readMergeValues, readCopy } from '../templates';
import { greetingValues, greetingLookupOf, holding, keyOfMark, sayerOf, wordsFor } from './lookup';
import { shownLeftOut } from './left-out';
import { withView } from './people';
import * as queries from './queries';
import { greetingsIn } from './read';
import { assertGround, rowOf, yearAhead } from './rules';

const FIRST_SHOWN = 5;

/** What a rule would bring beside the others: those before it go first. */
export async function tryRule(
  ctx: Context,
  { id, ...draft }: RuleDraft & { id: string | null },
): Promise<CallOutput<typeof api>> {
  await assertGround(ctx, draft);
  const sphere = await sphereNow(ctx);
  const { settings } = sphere;
  const lookup = greetingLookupOf(sphere);
  const today = ctx.clock.today();
  const mine = id ?? newId();
  const tried = { ...rowOf(mine, { ...draft, active: true }, today), version: 0 };
  // In its own place, or after all others.
  const rules = new Map(lookup.rules).set(mine, tried);
  const people = await withView(ctx, [...lookup.people.values()], draft.viewId);
  const settled = new Set((await queries.readMarks(ctx.db, null)).map(keyOfMark));
  const read = greetingsIn(
    { settings, people, rules: [...rules.values()] },
    yearAhead(ctx),
    settled,
  );
  const greetings = read.greetings.filter(({ rule }) => rule.id === mine);
  const leftOut = read.leftOut.filter(({ rule }) => rule.id === mine);
  const first = [...greetings].sort((a, b) => a.on - b.on).slice(0, FIRST_SHOWN);
  const ids = [...new Set(first.map(({ personId }) => personId))];
  const trial = {
    ...holding(ctx, settings, lookup, first),
    rules,
    sayings: lookup.copy.with(await readCopy(ctx.db, [sayerOf(tried)], ids)),
  };
  const values = await readMergeValues(ctx, ctx.db, ids);
  const words = ({ key, personId }: Greeting): string => {
    const said = wordsFor(trial, key)?.words ?? '';
    const filled = fill(said, { ...need(values.get(personId)), ...greetingValues(trial, key) });
    return filled.ok ? filled.text : said;
  };
  return {
    year: totalsOf(greetings, kindSetups(settings.kinds)),
    today: greetings.filter(({ on }) => on === toDayNumber(today)).length,
    leftOutCount: leftOut.length,
    leftOut: shownLeftOut(lookup, leftOut),
    first: first.map((one) => ({
      personId: one.personId,
      name: lookup.people.get(one.personId)?.name ?? '',
      on: toPlainDate(one.on),
      what: dateWords(one),
      words: words(one),
    })),
    faults: draft.templateId ? [] : await faultsOfWords(ctx, [draft.subject, draft.words]),
  };
}
