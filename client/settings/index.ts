export { calendarOf, type OwnersDays } from './calendar';
export { useMoney } from './money';
