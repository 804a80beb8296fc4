import { dateWords, type LeftOut } from '@/core/almanac';
import { toPlainDate } from '@/core/time';

import type { GreetingLookup } from './lookup';

/** More than so many are only counted. */
export const LEFT_OUT_SHOWN = 100;

/** Who is left out, each with the reason. */
export const shownLeftOut = ({ people }: GreetingLookup, leftOut: readonly LeftOut[]) =>
  leftOut.slice(0, LEFT_OUT_SHOWN).map((one) => ({
    key: one.key,
    personId: one.personId,
    name: people.get(one.personId)?.name ?? '',
    on: toPlainDate(one.on),
    what: dateWords({ ...one, count: null }),
    occasion: one.occasion,
    why: one.why,
    sentence: one.sentence,
  }));
