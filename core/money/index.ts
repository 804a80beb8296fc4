export * from './money';
