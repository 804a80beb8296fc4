import type { Context } from '../context';

/** What machines did to messages is no action, but screens and plans must know of it. */
export function tellOf(ctx: Context, personIds: readonly string[]): void {
  ctx.writes.touch(['messages', 'touches']);
  ctx.writes.note(personIds);
}
