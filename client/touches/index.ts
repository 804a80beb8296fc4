export * from './days-in-note';
export * from './log-form';
