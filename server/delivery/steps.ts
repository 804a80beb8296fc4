import type { Reaction } from '../act';
import type { Recurring } from '../tasks';
import { wakeOutbox } from './queue';
import { recheckReady } from './release';
import { sendSoon } from './send';
import { isAnyHeld } from './table';

/** Looks each day, and a while after something was written, whether what waits can be sent. */
export const sendStep: Recurring = {
  name: 'send',
  afterWrites: true,
  async run(ctx) {
    await wakeOutbox(ctx, ctx.db);
    await ctx.db.query(
      'delete from content c where not exists (select 1 from delivery d where d.content_id = c.id)',
    );
    return 'Due messages are being sent.';
  },
};

/** What was written may fix what is held: an address, a yes, a carrier. */
export const retryHeld: Reaction = {
  name: 'retry what is held',
  to: ['people', 'carriers', 'settings'],
  async run(ctx) {
    if (!(await isAnyHeld(ctx.db))) return;
    await wakeOutbox(ctx, ctx.db);
    sendSoon(ctx);
  },
};

/** What is queued for people who were changed, merged or taken apart goes by what is known of them now. */
export const recheckQueued: Reaction = {
  name: 'check what is queued',
  to: ['people'],
  run: recheckReady,
};

/** What was released, changed or taken back in the outbox may be due. */
export const sendReleased: Reaction = {
  name: 'send what was released',
  to: ['messages'],
  async run(ctx) {
    await wakeOutbox(ctx, ctx.db);
  },
};
