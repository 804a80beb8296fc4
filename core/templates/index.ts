export * from './engine';
export * from './faults';
export * from '@/core/merge-fields';
export * from './rotation';
