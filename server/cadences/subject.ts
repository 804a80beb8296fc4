import { TABLES } from '../act';
import { ROUTES } from '../api';
import type { Subject } from '../house';
import { cadenceRoutes } from './routes';

/** Cadences and their beats. */
export const cadences: Subject = {
  name: 'cadences',
  provides: [
    TABLES({ table: 'cadence', rows: 'owner' }),
    TABLES({ table: 'beat', rows: 'owner' }),
    TABLES({ table: 'cadence_version', rows: 'owner' }),
    ROUTES(cadenceRoutes),
  ],
};
