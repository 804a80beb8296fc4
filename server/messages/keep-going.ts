import { addTask, type Recurring } from '../tasks';
import { LOOK } from './look';
import { wakeOutbox } from './pump';

/** Sees each day, and a while after something was written, that what waits is sent and what came is read. */
export const keepGoing: Recurring = {
  name: 'messages',
  afterWrites: true,
  async run(ctx) {
    await wakeOutbox(ctx, ctx.db);
    await addTask(ctx.db, { key: LOOK, kind: LOOK, now: ctx.clock.now(), again: true });
    return 'Messages are seen to.';
  },
};
