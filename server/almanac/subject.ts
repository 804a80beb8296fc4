import { REACTIONS, TABLES } from '../act';
import { PUBLIC_PAGES, ROUTES } from '../api';
import type { Subject } from '../house';
import { STORY_PARTS } from '../people';
import { touchSource } from '../planner';
import { RECURRING } from '../tasks';
import { feedPages } from './feed-pages';
import { greetingRound, syncQueuedGreetings } from './daily';
import { forgetTold } from './feeds';
import { almanacRoutes } from './routes';
import { greetings } from './source';
import { greetingStory } from './story';

/** Dates in the sphere, and the greetings for them. */
export const almanac: Subject = {
  name: 'almanac',
  provides: [
    TABLES({ table: 'greeting_rule', rows: 'owner' }),
    TABLES({
      table: 'hushed',
      rows: 'owner',
      person: { columns: ['person_id'], merge: { unless: ['occasion'] } },
    }),
    TABLES({
      table: 'greeting_words',
      rows: 'owner',
      person: { columns: ['person_id'], merge: { key: 'id' } },
    }),
    TABLES({ table: 'calendar_feed', rows: 'owner' }),
    TABLES({ table: 'calendar_event', rows: 'machine' }),
    ROUTES(almanacRoutes),
    PUBLIC_PAGES({ path: '/calendar', perMinute: 60, router: feedPages }),
    touchSource(greetings),
    STORY_PARTS(greetingStory),
    RECURRING(greetingRound),
    RECURRING(forgetTold),
    REACTIONS(syncQueuedGreetings),
  ],
};
