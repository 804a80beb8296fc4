export * from './names';
export * from './targets';
