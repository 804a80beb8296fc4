import { lazy } from 'react';

/** Loaded with the first of it: only wide windows have room for it. */
export const InHand = lazy(async () => ({ default: (await import('./in-hand')).InHand }));
