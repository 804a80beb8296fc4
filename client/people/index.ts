import { lazy } from 'react';

export type { FieldChange } from './facts/use-fact';
export { PersonChooser } from './chooser';
export * from './list-view';
export * from './selection';
export * from './standing';
export { useViews } from './use-views';

/** Loaded with the first of it: only wide windows have room for it. */
export const InHand = lazy(async () => ({ default: (await import('./in-hand')).InHand }));
