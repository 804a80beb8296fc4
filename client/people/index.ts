export { PersonChooser } from './chooser';
export type { FieldChange } from './field-change';
export * from './list-view';
export { base64Of, Photo } from './photo';
export * from './selection';
export * from './standing';
export { useViews } from './use-views';
