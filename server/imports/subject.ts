import { TABLES } from '../act';
import { ROUTES } from '../api';
import type { Subject } from '../house';
import { importRoutes } from './routes';

/** Lists of people that come in, and take-backs. */
export const imports: Subject = {
  name: 'imports',
  provides: [
    TABLES({ table: 'import_batch', rows: 'owner' }),
    TABLES({ table: 'arriving', rows: 'machine' }),
    ROUTES(importRoutes),
  ],
};
