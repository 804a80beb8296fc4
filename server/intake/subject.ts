import { ROUTES } from '../api';
import type { Subject } from '../house';
import { intakeRoutes } from './routes';

export const intake: Subject = { name: 'intake', gives: [ROUTES(intakeRoutes)] };
