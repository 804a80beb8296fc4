export { calendarOf, type OwnersDays } from './calendar';
