import { TABLES } from '../act';
import { ROUTES } from '../api';
import type { Subject } from '../house';
import { listRoutes } from './routes';

/** The owner's lists: circles, tags, roles, own fields. */
export const lists: Subject = {
  name: 'lists',
  provides: [
    TABLES({ table: 'list_entry', rows: 'owner' }),
    TABLES({ table: 'own_field', rows: 'owner' }),
    ROUTES(listRoutes),
  ],
};
