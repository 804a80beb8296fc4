import { TABLES } from '../act';
import { ROUTES } from '../api';
import type { Subject } from '../house';
import { templateRoutes } from './routes';

/** Words that are used in several places. */
export const templates: Subject = {
  name: 'templates',
  provides: [
    TABLES({ table: 'template', rows: 'owner' }),
    TABLES({ table: 'template_version', rows: 'owner' }),
    TABLES({
      table: 'wording_used',
      rows: 'machine',
      person: { columns: ['person_id'], merge: { unless: ['template_id'] } },
    }),
    ROUTES(templateRoutes),
  ],
};
