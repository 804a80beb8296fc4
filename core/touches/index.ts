export * from './instead';
export * from './setup';
export * from './kinds';
export * from './promise';
export * from './sentences';
