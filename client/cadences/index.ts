export * from './builder-screen';
export * from './cadence-list';
export * from './enrol-screen';
