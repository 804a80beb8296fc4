export * from './late';
export * from './obstacle';
export * from './retry';
