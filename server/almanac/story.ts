import { occasionName } from '@/core/almanac';
import { plainDate } from '@/core/time';

import type { Context } from '../context';
import type { StoryEvent } from '../people';
import * as queries from './queries';

/** Greetings that were dropped, or that nobody gave: what was given is a touch, or a message. */
export async function greetingStory(ctx: Context, personId: string): Promise<StoryEvent[]> {
  return (await queries.lostGreetings(ctx.db, personId)).map(({ id, part, fate, planned_on }) => {
    const occasion = part.slice(0, part.lastIndexOf(':'));
    const what = occasionName(occasion.startsWith('family.') ? 'family' : occasion);
    const became = fate === 'skipped' ? 'the greeting was dropped' : 'no greeting was given';
    return {
      id,
      on: plainDate(planned_on),
      kind: 'skipped',
      words: `${what.charAt(0).toUpperCase()}${what.slice(1)}: ${became}.`,
    };
  });
}
