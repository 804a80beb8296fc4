import type { Router } from 'express';

import type { Context } from '../context';
import { slot } from '../house';

/** Serves a subject's endpoints of the contract; see `register`. */
export const ROUTES = slot<(router: Router, ctx: Context) => void>('routes');

export * from './errors';
export { kept } from './kept';
export { publicPage } from './public-page';
export { register, type Given, type Via } from './register';
