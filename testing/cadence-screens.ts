import { getCadence, listCadences, tryCadence, type Cadence } from '@/contract/cadences';
import { listServices } from '@/contract/services';
import { getSettings } from '@/contract/settings';
import { listViews } from '@/contract/views';
import { addDays } from '@/core/time';

import * as sample from './samples';
import { fakeServer, TODAY } from './screen';

const VIEW = {
  id: sample.id(30),
  name: 'Boats',
  filter: { tags: ['boat'] },
  sort: 'name' as const,
  pinned: false,
  hidden: false,
  people: 2,
  warnings: [],
};

/** One week of load, before and after. */
export const LOAD = [{ monday: TODAY, before: 10, after: 14, capacity: 40 }];

/** A change that moves nothing of anything else. */
export const NO_OTHERS = { moved: 0, gone: 0, fromToday: 0, first: [] };

/** A server with a cadence, another one, and a view; and what a change of the first would bring. */
export const prepared = (change: Partial<Cadence> = {}) => {
  const cadence = sample.cadence(change);
  return fakeServer()
    .answer(getCadence, cadence)
    .answer(listCadences, {
      cadences: [cadence, sample.cadence({ id: sample.id(41), name: 'Year' })],
    })
    .answer(listServices, { today: TODAY, services: [], calls: [] })
    .answer(listViews, { views: [VIEW] })
    .answer(getSettings, sample.settings())
    .answer(tryCadence, {
      running: 3,
      joining: 0,
      planned: {
        moved: 2,
        added: 1,
        gone: 1,
        goneFirst: [
          {
            personId: sample.id(2) as never,
            name: 'Bo Birch',
            kind: 'call',
            on: addDays(TODAY, 4),
          },
        ],
      },
      changed: {
        people: 2,
        moved: 1,
        added: 1,
        dropped: 0,
        turned: 0,
        examples: [
          {
            personId: sample.id(2),
            name: 'Bo Birch',
            changes: [
              { kind: 'call', from: addDays(TODAY, 3), to: addDays(TODAY, 5) },
              { kind: 'card', from: null, to: addDays(TODAY, 9) },
            ],
          },
        ],
      },
      load: LOAD,
      noDay: 0,
      noDayFirst: [],
      slipsFirst: [],
      others: NO_OTHERS,
      slipsBefore: 0,
      slipsAfter: 0,
    });
};
