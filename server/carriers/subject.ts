import { TABLES } from '../act';
import { ROUTES } from '../api';
import type { Subject } from '../house';
import { carrierRoutes } from './routes';

export const carriers: Subject = {
  name: 'carriers',
  gives: [TABLES({ table: 'carrier', rows: 'owner' }), ROUTES(carrierRoutes)],
};
