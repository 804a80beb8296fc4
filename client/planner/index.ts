export * from './load-chart';
