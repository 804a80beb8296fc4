export {
  itemTemplate,
  letGoWords,
  itemWords,
  markedWith,
  plannedReason,
  settleAtSource,
} from './describe';
export { calendarOf, holidaysOf, sphereNow, type Sphere } from './sphere';
export { groupBy } from './read';
export { addPins, AMONG, EPOCH } from './queries';
export { TOUCH_SOURCES, touchSource, type Settled, type TouchSource } from './source';
