import { TABLES } from '../act';
import { PUBLIC_PAGES, ROUTES } from '../api';
import type { Subject } from '../house';
import { intakeRoutes, publicForm } from './routes';

/** The web form by which people write in. */
export const intake: Subject = {
  name: 'intake',
  provides: [
    TABLES({
      table: 'arrival',
      rows: 'owner',
      person: {
        columns: ['person_id'],
        merge: 'move',
        label: ['message by the web form', 'messages by the web form'],
      },
    }),
    ROUTES(intakeRoutes),
    PUBLIC_PAGES({ path: '/form', perMinute: null, router: publicForm }),
  ],
};
