export * from './automatic';
export * from './reports';
