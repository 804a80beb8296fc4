export { assertKnown, holidaysOff } from './holidays';
