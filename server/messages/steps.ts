import type { Reaction } from '../act';
import { addTask, type Recurring } from '../tasks';
import type { Context } from '../context';
import { POLL } from './inbound/poll';

const pollSoon = ({ db, clock }: Context) =>
  addTask(db, { key: POLL, kind: POLL, now: clock.now(), again: true });

/** Sees each day that what comes in is polled. */
export const pollStep: Recurring = {
  name: 'poll',
  async run(ctx) {
    await pollSoon(ctx);
    return 'Checking for new mail and texts.';
  },
};

/** A mailbox or gateway that is set up is polled from now on. */
export const pollFromNow: Reaction = {
  name: 'poll for mail',
  to: ['carriers'],
  run: async (ctx) => void (await pollSoon(ctx)),
};
