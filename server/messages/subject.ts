import { REACTIONS, TABLES } from '../act';
import { PUBLIC_PAGES, ROUTES } from '../api';
import { CHANNELS } from '../delivery';
import type { Subject } from '../house';
import { STORY_PARTS } from '../people';
import { HANDLERS, RECURRING } from '../tasks';
import { email } from './channels/email';
import { text } from './channels/text';
import { pollHandler } from './inbound/poll';
import { inboundStory } from './inbound/story';
import { optOutPage } from './pages/opt-out-page';
import { seenPages } from './pages/seen-pages';
import { messageRoutes } from './routes';
import { pollFromNow, pollStep } from './steps';

/** Emails and texts: the two channels, writing by them, and what comes back. */
export const messages: Subject = {
  name: 'messages',
  provides: [
    CHANNELS(email),
    CHANNELS(text),
    TABLES({
      table: 'incoming',
      rows: 'machine',
      person: {
        columns: ['person_id'],
        merge: 'move',
        label: ['answer', 'answers'],
        countsAsHistory: true,
      },
    }),
    ROUTES(messageRoutes),
    PUBLIC_PAGES({ path: '/o', perMinute: 60, router: optOutPage }),
    PUBLIC_PAGES({ path: '/seen', perMinute: 120, router: seenPages }),
    HANDLERS(pollHandler),
    RECURRING(pollStep),
    REACTIONS(pollFromNow),
    STORY_PARTS(inboundStory),
  ],
};
