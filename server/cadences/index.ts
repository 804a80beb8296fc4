export { enrolmentsOf } from './enrolment-queries';
export { readCadences, type StoredCadence } from './queries';
export { wordValues, yearlyDates } from './words';
export { dailyRound } from './daily';
export { goOn } from './ending';
export { settleFeeds } from './feed';
export { settleRotas } from './rota';
export { joiningRuns } from './change';
