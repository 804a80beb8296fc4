export { assertRuns, find as findOrRefuseCadence } from './actions';
export {
  findCadence,
  readCadences,
  setActive as setCadenceActive,
  type Feed,
  type StoredCadence,
} from './queries';
export { yearlyDates } from './dates';
