export { readShift } from './actions';
export {
  readCircles,
  readSettings,
  writeMemo,
  writeSettings,
  readMemo,
  type OwnerSettings,
} from './queries';
