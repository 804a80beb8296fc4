import { todayIn } from '@/core/zones';

import type { StoryPart } from '../../people';
import { heardFrom } from './queries';

const MAX_WORDS = 600;

/** What a person wrote. */
export const inboundStory: StoryPart = async (ctx, personId) =>
  (await heardFrom(ctx.db, personId)).map(({ id, at, verdict, words, subject }) => ({
    id: `came ${id}`,
    on: todayIn(ctx.clock.zone, Date.parse(at)),
    kind: 'message' as const,
    words:
      `${verdict === 'automatic' ? 'An automatic answer' : 'They wrote'}: ${words || subject}`.slice(
        0,
        MAX_WORDS,
      ),
  }));
