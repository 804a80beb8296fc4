import type { Router } from 'express';

import type { Context } from '../context';
import { slot } from '../house';

/** Serves a subject's endpoints of the contract; see `register`. */
export const ROUTES = slot<(router: Router, ctx: Context) => void>('routes');

/** Pages that strangers may reach without signing in, under a path of their own. */
export interface PublicPages {
  path: string;
  /** Requests a minute from one place; more are refused. Null where the pages bound themselves. */
  perMinute: number | null;
  router(ctx: Context): Router;
}

/** Pages that people outside see, without signing in. */
export const PUBLIC_PAGES = slot<PublicPages>('public pages');

export * from './errors';
export { memoizeUntilWrite } from './memoize';
export { publicPage } from './public-page';
export { register, type RequestInput, type Via } from './register';
