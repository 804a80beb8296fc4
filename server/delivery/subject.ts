import { REACTIONS, TABLES } from '../act';
import { ROUTES } from '../api';
import type { Subject } from '../house';
import { DECLARATION_FAULTS, STARTUP } from '../lifecycle';
import { STORY_PARTS } from '../people';
import { HANDLERS, RECURRING } from '../tasks';
import { channelFaults, CHANNELS } from './channel';
import { recoverSending } from './claim';
import { deliveryRoutes } from './routes';
import { outboxHandler } from './send';
import { recheckQueued, retryHeld, sendReleased, sendStep } from './steps';
import { deliveryStory } from './story';

const columns = ['person_id'];

/** Everything that leaves, over whatever channel. */
export const delivery: Subject = {
  name: 'delivery',
  provides: [
    TABLES({
      table: 'delivery',
      rows: 'owner',
      // What has left can't be taken back with the writing of it.
      settled: `t.state in ('sending', 'sent') or t.sent_at is not null`,
      person: { columns, merge: 'move', label: ['message', 'messages'], countsAsHistory: true },
    }),
    TABLES({ table: 'batch', rows: 'owner' }),
    TABLES({
      table: 'content',
      rows: 'machine',
      orphan: 'not exists (select 1 from delivery d where d.content_id = t.id)',
    }),
    TABLES({ table: 'delivery_event', rows: 'machine' }),
    TABLES({ table: 'suppressed_address', rows: 'machine', person: { columns, merge: 'move' } }),
    ROUTES(deliveryRoutes),
    HANDLERS(outboxHandler),
    STARTUP({
      name: 'settle what was being sent',
      async run(ctx) {
        const count = await recoverSending(ctx);
        return count > 0 ? `${count} were being sent when Pen Pal ended` : null;
      },
    }),
    DECLARATION_FAULTS(async ({ house }) => channelFaults(house.of(CHANNELS))),
    RECURRING(sendStep),
    REACTIONS(recheckQueued),
    REACTIONS(retryHeld),
    REACTIONS(sendReleased),
    STORY_PARTS(deliveryStory),
  ],
};
