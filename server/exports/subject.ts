import { ROUTES } from '../api';
import type { Subject } from '../house';
import { exportRoutes } from './routes';

export const exported: Subject = { name: 'exports', provides: [ROUTES(exportRoutes)] };
