export { Resume } from './resume';
