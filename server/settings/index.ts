export { clockWords, watchClock } from './clock-watch';
export { readShift, writeSettings } from './actions';
export { readCircles, readSettings, writeMemo, readMemo, type OwnerSettings } from './queries';
export { calendarOf, holidaysOf } from './work-calendar';
