import { need } from '@/core/need';
import type { PlanItem } from '@/core/planner';
import { countInWords } from '@/core/time';
import { KIND_WORDS } from '@/core/touches';

import { beatOf } from './items';

/** Why a beat is on the desk: the cadence, and which round of it. */
export function beatReason(item: PlanItem, cadenceName: string | null): string {
  const { round } = need(beatOf(item));
  const nth = round === 0 ? '' : `, round ${countInWords(round + 1)}`;
  return `${cadenceName ?? 'A cadence'}${nth}: ${KIND_WORDS[item.kind].noun}.`;
}
