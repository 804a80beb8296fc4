export { PersonDates } from './person-dates';
