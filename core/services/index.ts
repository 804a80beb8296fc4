export * from './retry';
