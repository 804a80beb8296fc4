import type { Who } from '@/contract/filters';

import type { Context } from '../../context';
import { asking } from './conditions';
import { assertRules } from './filter-faults';
import { idsOf } from '../queries';

/**
 * Ids of the people meant, as a list shows them, in the order of their names.
 *
 * @throws Refusal when they are described by a filter that can't be asked
 */
export async function resolveSelection(ctx: Context, who: Who): Promise<string[]> {
  await assertRules(ctx, ctx.db, who);
  return idsOf(ctx.db, who, asking(ctx));
}
