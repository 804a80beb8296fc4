import { ROUTES } from '../api';
import type { Subject } from '../house';
import { gapRoutes } from './routes';

/** What records lack, and tags that fit. */
export const gaps: Subject = { name: 'gaps', provides: [ROUTES(gapRoutes)] };
