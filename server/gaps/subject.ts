import { ROUTES } from '../api';
import type { Subject } from '../house';
import { gapRoutes } from './routes';

export const gaps: Subject = { name: 'gaps', provides: [ROUTES(gapRoutes)] };
