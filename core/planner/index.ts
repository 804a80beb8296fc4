export * from './ahead';
export * from './items';
export * from './plan';
export * from './reasons';
export * from './types';
