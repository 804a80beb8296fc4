import { ROUTES } from '../api';
import type { Subject } from '../house';
import { aheadRoutes } from './routes';

/** The weeks to come and the weeks behind, and what would be if. */
export const ahead: Subject = { name: 'ahead', provides: [ROUTES(aheadRoutes)] };
