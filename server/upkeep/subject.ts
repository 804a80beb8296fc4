import { TOPICS } from '@/contract/topics';

import { REACTIONS } from '../act';
import { refreshStatistics } from '../db';
import { ROUTES } from '../api';
import type { Subject } from '../house';
import { STARTUP } from '../lifecycle';
import { RECURRING } from '../tasks';
import { checkBackup, removeScratch } from './check';
import { upkeepRoutes } from './routes';
import { backupWhenDue, checkpointWhenLong } from './upkeep';

const BY_SERVER = 'The PostgreSQL server sees to it.';

/** What a data directory needs now and then. */
export const upkeep: Subject = {
  name: 'upkeep',
  provides: [
    ROUTES(upkeepRoutes),
    STARTUP({
      name: 'remove what a check left',
      run: async ({ dataDir }) => {
        if (dataDir) await removeScratch(dataDir);
        return null;
      },
    }),
    REACTIONS({
      name: 'statistics',
      to: TOPICS,
      large: true,
      run: async ({ db }) => void (await refreshStatistics(db)),
    }),
    RECURRING({
      name: 'statistics',
      afterWrites: true,
      run: async ({ db }) => {
        const tables = await refreshStatistics(db);
        return tables.length > 0 ? `Made anew: ${tables.join(', ')}` : 'Nothing to do.';
      },
    }),
    RECURRING({
      name: 'checkpoint',
      afterWrites: true,
      run: async ({ db, dataDir }) => {
        if (!dataDir) return BY_SERVER;
        return (await checkpointWhenLong(db, dataDir)) ? 'Made.' : 'The log is short.';
      },
    }),
    RECURRING({
      name: 'backup',
      afterWrites: true,
      run: async ({ db, clock, dataDir, script, writes }) => {
        if (!dataDir) return BY_SERVER;
        const name = await backupWhenDue(db, dataDir, clock.realMs());
        if (!name) return 'There is one of today.';
        const { fault, people } = await checkBackup(dataDir, name, script);
        writes.bumpTopics(['upkeep']);
        return fault ?? `Made, and opened: ${people} people.`;
      },
    }),
  ],
};
