import type { Ahead, Outlook } from '@/contract/planner';
import { plural, sentenceCase } from '@/core/time';

/** How many touches a day it takes to keep what can be kept. */
export function leastSentence({
  leastCapacity,
  unkeepable,
}: Pick<Outlook, 'leastCapacity' | 'unkeepable'>): string {
  const enough = `${plural(leastCapacity, 'touch', 'touches')} a working day`;
  return unkeepable === 0
    ? `${enough} would keep them all.`
    : `${unkeepable} would run out with any number of touches: your days off or other limits, what you put off, or the distance between touches leave no day in time. ${enough} would keep the others.`;
}

/** Both outcomes in a sentence or two. */
export function compared(now: Ahead, then: Outlook): string {
  const slips = (n: number) => (n === 0 ? 'none' : String(n));
  const promises =
    now.slipCount === then.slipCount
      ? `The same: ${slips(then.slipCount)} of ${plural(then.promises, 'promise')} would run out.`
      : `${sentenceCase(slips(then.slipCount))} of ${plural(then.promises, 'promise')} would run out, ${then.slipCount < now.slipCount ? 'instead of' : 'where it is now'} ${slips(now.slipCount)}.`;
  const least = leastSentence(then);
  const letGo =
    then.letGo > now.letGo ? ` ${then.letGo - now.letGo} more beats would find no day.` : '';
  return `${promises} ${least}${letGo}`;
}
