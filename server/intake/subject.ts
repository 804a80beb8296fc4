import { TABLES } from '../act';
import { ROUTES } from '../api';
import type { Subject } from '../house';
import { intakeRoutes } from './routes';

export const intake: Subject = {
  name: 'intake',
  gives: [
    TABLES({
      table: 'arrival',
      rows: 'owner',
      person: {
        columns: ['person_id'],
        merge: 'move',
        says: ['message by the web form', 'messages by the web form'],
      },
    }),
    ROUTES(intakeRoutes),
  ],
};
