export { call, CallFault } from '@/contract/call';
export * from './queries';
export * from './notice';
export * from './topics';
