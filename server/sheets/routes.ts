import type { Router } from 'express';

import { getPerson } from '@/contract/people';

import { register } from '../api';
import type { Context } from '../context';
import { readSheet } from './sheet';

export function sheetRoutes(router: Router, ctx: Context): void {
  register(router, getPerson, ({ params }) => readSheet(ctx, params.id));
}
