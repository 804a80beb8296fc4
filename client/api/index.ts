export { call, CallFault } from '@/contract/call';
export * from './queries';
export * from './told';
