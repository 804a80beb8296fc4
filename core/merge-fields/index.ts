export * from './chips';
export * from './fields';
