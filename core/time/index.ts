export * from './day';
export * from './read-date';
export * from './speak';
