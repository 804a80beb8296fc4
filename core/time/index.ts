export * from './day';
export * from './speak';
