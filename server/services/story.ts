import { plainDate } from '@/core/time';

import type { StoryPart } from '../people';
import { callsAbout } from './queries';

/** Services that were told of the person, or could not be. */
export const serviceStory: StoryPart = async (ctx, personId) =>
  (await callsAbout(ctx.db, personId)).map(({ id, on_day, service, state }) => ({
    id: `${id} told`,
    on: plainDate(on_day),
    kind: 'cadence',
    words: state === 'failed' ? `${service} could not be told.` : `${service} is told of them.`,
  }));
