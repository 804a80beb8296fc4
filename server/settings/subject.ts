import { TABLES } from '../act';
import { ROUTES } from '../api';
import type { Subject } from '../house';
import { holidayRoutes } from './holiday-routes';
import { settingsRoutes } from './routes';

export const settings: Subject = {
  name: 'settings',
  gives: [
    TABLES({ table: 'settings', rows: 'owner' }),
    ROUTES(settingsRoutes),
    ROUTES(holidayRoutes),
  ],
};
