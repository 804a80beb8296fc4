import { TABLES } from '../act';
import { ROUTES } from '../api';
import type { Subject } from '../house';
import { viewRoutes } from './routes';

/** Saved views. */
export const views: Subject = {
  name: 'views',
  provides: [TABLES({ table: 'saved_view', rows: 'owner' }), ROUTES(viewRoutes)],
};
