export * from './ahead-screen';
export * from './load-chart';
