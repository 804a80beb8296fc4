export type { FieldChange } from './facts/use-save';
export * from './list-view';
export * from './selection';
export * from './standing';
