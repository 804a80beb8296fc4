export { calendarOf, type OwnersDays } from './calendar';
export { useMoney, useMoneyText } from './money';
export * from './owners-day';
