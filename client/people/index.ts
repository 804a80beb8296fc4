export type { FieldChange } from './facts/use-save';
export { FindPerson } from './find-person';
export * from './list-view';
export * from './selection';
export * from './standing';
