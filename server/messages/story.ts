import { todayIn } from '@/core/zones';

import type { StoryPart } from '../people';
import { storyOf } from './story-queries';

const FATES: Record<string, string> = {
  '': '',
  delivered: ' Delivered.',
  opened: ' Opened.',
  clicked: ' A link in it was followed.',
  answered: ' Answered.',
  bounced: ' It came back.',
  complained: ' They called it unwanted.',
  opted_out: ' They want no more.',
};

const NOUNS = { email: 'E-mail', text: 'Text' };
const quoted = (text: string) =>
  text ? ` “${text.length > 60 ? `${text.slice(0, 58)}…` : text}”` : '';

/** Messages to a person with their outcome, and what they wrote. */
export const messageStory: StoryPart = async (ctx, personId) => {
  const { gone, waits, came } = await storyOf(ctx.db, personId);
  const day = (at: string) => todayIn(ctx.clock.zone, Date.parse(at));
  return [
    ...gone.map((row) => ({
      id: `message ${row.id}`,
      on: day(row.at),
      kind: 'message' as const,
      words: `${NOUNS[row.kind]}${quoted(row.subject || row.words)}${row.cadence ? ` of ${row.cadence}` : ''} sent.${FATES[row.outcome]}`,
      messageId: row.id,
    })),
    ...waits.map((row) => ({
      id: `message ${row.id}`,
      on: row.on,
      kind: 'message' as const,
      words: `${NOUNS[row.kind]}${quoted(row.subject || row.words)}${row.cadence ? ` of ${row.cadence}` : ''} ${
        row.state === 'ready' ? 'goes out soon.' : `did not go: ${row.why}`
      }`,
      messageId: row.id,
    })),
    ...came.map((row) => ({
      id: `came ${row.id}`,
      on: day(row.at),
      kind: 'message' as const,
      words:
        `${row.verdict === 'automatic' ? 'An automatic answer' : 'They wrote'}: ${row.words || row.subject}`.slice(
          0,
          600,
        ),
    })),
  ];
};
