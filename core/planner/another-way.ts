import { expectedHold } from '@/core/touches';

import type { ItemContext, PlanItem } from './items';
import type { PlanPerson } from './types';

/**
 * An item of somebody who does not answer this way, planned in another one that is open; the owner's own
 * choice of a way stays.
 */
export function anotherWay(
  item: PlanItem,
  { unanswered }: Pick<PlanPerson, 'unanswered'>,
  { swaps, holds }: Pick<ItemContext, 'swaps' | 'holds'>,
): PlanItem {
  const found = unanswered?.find(({ kind }) => kind === item.kind);
  if (!found || swaps?.has(item.key)) return item;
  const { kind, tries, instead } = found;
  const tried = { kind, tries };
  if (!instead) return { ...item, tried };
  return { ...item, tried, kind: instead, hold: expectedHold(instead, holds) };
}
