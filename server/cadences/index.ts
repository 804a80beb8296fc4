export { assertRuns, find as findOrRefuseCadence } from './actions';
export { findCadence, readCadences, type Feed, type StoredCadence } from './queries';
export { wordValues, yearlyDates, type Nameable } from './words';
