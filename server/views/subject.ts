import { TABLES } from '../act';
import { ROUTES } from '../api';
import type { Subject } from '../house';
import { viewRoutes } from './routes';

export const views: Subject = {
  name: 'views',
  gives: [TABLES({ table: 'saved_view', rows: 'owner' }), ROUTES(viewRoutes)],
};
