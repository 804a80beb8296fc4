import { act, type Context } from '../context';
import { conflict, notFound } from '../http/errors';

import { changedSince, changeGroups, dropJoined, findAction, markUndone, revert } from './queries';

const isForeignKeyFault = (error: unknown) => (error as { code?: string }).code === '23503';

/**
 * Takes one action back: rows it added go, rows it changed or removed return as they were. Refused
 * whole when something later builds on it, so that undoing never loses newer work. Undoing an undo
 * does the action again.
 */
export async function undoAction(ctx: Context, id: string) {
  const action = await findAction(ctx.db, id);
  if (!action) throw notFound('This can no longer be undone.');
  if (action.undone) throw conflict('This was undone already.');
  try {
    return await act(
      ctx,
      async (tx) => {
        for (const group of await changeGroups(tx, id)) {
          if (group.op === 'update' && (await changedSince(tx, id, group)).length > 0)
            throw conflict(
              'Something changed since then, so undoing this would lose the newer change.',
            );
          if (group.table_name === 'person' && group.op === 'insert')
            await dropJoined(tx, group.ids);
          await revert(tx, id, group);
        }
        await markUndone(tx, id, true);
        if (action.undoes) await markUndone(tx, action.undoes, false);
        return { sentence: action.undoes ? 'Done again.' : `Undone: ${action.sentence}` };
      },
      { undoes: id, only: action.about ?? 'everybody' },
    );
  } catch (error) {
    if (isForeignKeyFault(error))
      throw conflict('Something newer builds on this. Undo that first.');
    throw error;
  }
}
