export * from './ahead';
export * from './items';
export * from './joining';
export * from './passing';
export * from './plan';
export * from './reasons';
export * from './replan';
export * from './types';
