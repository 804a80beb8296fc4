import { plainDate } from '@/core/time';
import { TABLES } from '@/server/act';
import { register, ROUTES } from '@/server/api';
import { CHANNELS } from '@/server/delivery';
import type { Subject } from '@/server/house';
import { FACTS, STORY_PARTS } from '@/server/people';

import { add, list } from './actions';
import { addGift, listGifts } from './contract';
import { parcelChannel } from './parcels';

/** What was given to people: the worked example of docs/adding-a-subject.md. */
export const gifts: Subject = {
  name: 'gifts',
  provides: [
    TABLES({
      table: 'gift',
      rows: 'owner',
      person: {
        columns: ['person_id'],
        merge: 'move',
        label: ['gift', 'gifts'],
        countsAsHistory: true,
      },
    }),
    ROUTES((router, ctx) => {
      register(router, listGifts, async ({ params }) => ({ gifts: await list(ctx, params.id) }));
      register(router, addGift, ({ params, body }) => add(ctx, params.id, body));
    }),
    CHANNELS(parcelChannel),
    FACTS({
      key: 'gifts',
      label: 'Gifts given',
      type: 'number',
      sql: 'select count(*) from gift g where g.person_id = p.id',
    }),
    STORY_PARTS(async (ctx, personId) =>
      (await list(ctx, personId)).map(({ id, on, what }) => ({
        id,
        on: plainDate(on),
        kind: 'cadence',
        words: `Given: ${what}.`,
      })),
    ),
  ],
};
