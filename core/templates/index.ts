export * from './engine';
export * from './faults';
export * from './fields';
export * from './rotation';
