export { call, CallFault } from '@/contract/call';
export * from './door';
export * from './queries';
export * from './notice';
export * from './settled';
export * from './slow';
export * from './topics';
export * from './typed';
export * from './write-form';
