import { REACTIONS, TABLES } from '../act';
import { ROUTES } from '../api';
import type { Subject } from '../house';
import { STARTUP } from '../lifecycle';
import { watchClock } from './clock-watch';
import { holidayRoutes } from './holiday-routes';
import { readSettings } from './queries';
import { settingsRoutes } from './routes';

/** The owner's settings, calendar and clock. */
export const settings: Subject = {
  name: 'settings',
  provides: [
    TABLES({ table: 'settings', rows: 'owner' }),
    ROUTES(settingsRoutes),
    ROUTES(holidayRoutes),
    STARTUP({
      name: 'watch the clock',
      run: async (ctx) => {
        await watchClock(ctx);
        return null;
      },
    }),
    REACTIONS({
      name: 'the clock’s zone',
      to: ['settings'],
      // Also when a change of it is undone.
      run: async ({ db, clock }) => void (clock.zone = (await readSettings(db)).timeZone),
    }),
  ],
};
