import { addDays } from '@/core/time';

import { KEPT_DAYS, TABLES } from '../act';
import { ROUTES } from '../api';
import type { Subject } from '../house';
import { RECURRING } from '../tasks';
import { forgetUnused } from './queries';
import { fileRoutes } from './routes';

/** Pictures in words, and what goes with e-mails. */
export const files: Subject = {
  name: 'files',
  provides: [
    TABLES({ table: 'kept_file', rows: 'machine' }),
    ROUTES(fileRoutes),
    RECURRING({
      name: 'unused files',
      // Whatever still can be undone keeps its pictures.
      run: async ({ db, clock }) => {
        await forgetUnused(db, addDays(clock.today(), -KEPT_DAYS));
        return 'Files that nothing uses are gone.';
      },
    }),
  ],
};
