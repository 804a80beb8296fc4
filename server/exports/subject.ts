import { ROUTES } from '../api';
import type { Subject } from '../house';
import { exportRoutes } from './routes';

/** Files of people to take away. */
export const exported: Subject = { name: 'exports', provides: [ROUTES(exportRoutes)] };
