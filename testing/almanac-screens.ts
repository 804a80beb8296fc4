import { listOccasions } from '@/contract/greetings';
import { readLists } from '@/contract/lists';
import { getSettings } from '@/contract/settings';
import { listTemplates } from '@/contract/templates';
import { listViews } from '@/contract/views';
import { plainDate } from '@/core/time';

import * as sample from './samples';
import { fakeServer } from './screen';

/** A server that knows what the screens of the almanac ask for besides. */
export const almanacServer = () =>
  fakeServer()
    .answer(getSettings, sample.settings())
    .answer(readLists, sample.lists())
    .answer(listViews, { views: [] })
    .answer(listTemplates, { templates: [] })
    .answer(listOccasions, {
      occasions: [
        { occasion: 'birthday', name: 'birthday', people: 12, next: null },
        {
          occasion: 'holiday.hanukkah',
          name: 'Hanukkah',
          people: 20,
          next: plainDate('2026-12-05'),
        },
      ],
    });
