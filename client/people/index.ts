export * from './selection';
export * from './standing';
