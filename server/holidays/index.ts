export { feasts, type Feast } from './feasts';
export { assertKnown, countries, holidaysOff, publicHolidays, regionsOf } from './holidays';
