export * from './cadence';
export * from './rounds';
export * from './words';
export * from './year';
