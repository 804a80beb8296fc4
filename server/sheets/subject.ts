import { ROUTES } from '../api';
import type { Subject } from '../house';
import { sheetRoutes } from './routes';

/** What a screen shows of many subjects at once; reads only. */
export const sheets: Subject = { name: 'sheets', provides: [ROUTES(sheetRoutes)] };
