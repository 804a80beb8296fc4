import { lazy } from 'react';

export * from './load-chart';

/** Loaded with the first of it: only wide windows have room for it. */
export const WhatItDoes = lazy(async () => ({
  default: (await import('./what-it-does')).WhatItDoes,
}));
