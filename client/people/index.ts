export type { FieldChange } from './facts/use-fact';
export { PersonChooser } from './chooser';
export * from './list-view';
export * from './selection';
export * from './standing';
export { useViews } from './use-views';
