import type { Reaction } from '../act';
import { addTask, type Recurring } from '../tasks';
import { LOOK } from './look';
import { sendSoon, wakeOutbox } from './pump';
import { isAnyHeld } from './queries';

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

/** What was written may remedy what is held: an address, a yes, a carrier. */
export const mended: Reaction = {
  name: 'mended messages',
  to: ['people', 'carriers', 'settings'],
  async run(ctx) {
    if (!(await isAnyHeld(ctx.db))) return;
    await wakeOutbox(ctx, ctx.db);
    void sendSoon(ctx);
  },
};

/** A carrier that is set up is looked into from now on. */
export const lookFromNow: Reaction = {
  name: 'look for mail',
  to: ['carriers'],
  async run(ctx) {
    await addTask(ctx.db, { key: LOOK, kind: LOOK, now: ctx.clock.now(), again: true });
  },
};
