export { assertKnown, countries, holidaysOff, publicHolidays, regionsOf } from './holidays';
