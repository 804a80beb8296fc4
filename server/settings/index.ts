export { readShift } from './actions';
export { readSettings, writeMemo, readMemo, type OwnerSettings } from './queries';
