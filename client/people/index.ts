export * from './list-view';
export * from './selection';
export * from './standing';
