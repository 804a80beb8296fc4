import { TABLES } from '../act';
import { ROUTES } from '../api';
import type { Subject } from '../house';
import { STORY_PARTS } from '../people';
import { handles } from '../tasks';
import { callHandler } from './calls';
import { serviceRoutes } from './routes';
import { serviceStory } from './story';

export const services: Subject = {
  name: 'services',
  gives: [
    TABLES({ table: 'service', rows: 'owner' }),
    ROUTES(serviceRoutes),
    handles(callHandler),
    STORY_PARTS(serviceStory),
  ],
};
