export { Door } from './door';
