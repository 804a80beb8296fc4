export { CadenceList as default } from '@/client/cadences/cadence-list';
