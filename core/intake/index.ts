export * from './dates';
export * from './import';
export * from './line';
export * from './names';
export * from './reach';
export * from './table';
