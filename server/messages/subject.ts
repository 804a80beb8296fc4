import { REACTIONS, TABLES } from '../act';
import { ROUTES } from '../api';
import type { Subject } from '../house';
import { STORY_PARTS } from '../people';
import { handles, RECURRING } from '../tasks';
import { keepGoing, lookFromNow, mended } from './keep-going';
import { lookHandler } from './look';
import { outboxHandler } from './pump';
import { messageRoutes } from './routes';
import { messageStory } from './story';

const columns = ['person_id'];

export const messages: Subject = {
  name: 'messages',
  gives: [
    TABLES({
      table: 'message',
      rows: 'machine',
      person: { columns, merge: 'move', says: ['message', 'messages'], happened: true },
    }),
    TABLES({ table: 'delivery_event', rows: 'machine' }),
    TABLES({
      table: 'incoming',
      rows: 'machine',
      person: { columns, merge: 'move', says: ['answer', 'answers'], happened: true },
    }),
    TABLES({ table: 'suppressed_address', rows: 'machine', person: { columns, merge: 'move' } }),
    ROUTES(messageRoutes),
    handles(outboxHandler),
    handles(lookHandler),
    RECURRING(keepGoing),
    REACTIONS(mended),
    REACTIONS(lookFromNow),
    STORY_PARTS(messageStory),
  ],
};
