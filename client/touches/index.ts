export * from './log-form';
