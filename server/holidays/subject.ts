import { ROUTES } from '../api';
import type { Subject } from '../house';
import { holidayRoutes } from './routes';

export const holidays: Subject = { name: 'holidays', gives: [ROUTES(holidayRoutes)] };
