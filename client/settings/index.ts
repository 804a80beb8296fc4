export { calendarOf, type OwnersDays } from './calendar';
export { useMoney, useMoneyText } from './money';
export { ArrivalsLine } from './arrivals';
export * from './owners-day';
