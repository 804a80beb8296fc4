export { readShift } from './actions';
export { readSettings, writeMemo, writeSettings, readMemo, type OwnerSettings } from './queries';
