export {
  itemTemplate,
  letGoWords,
  itemWords,
  markedWith,
  madeWith,
  plannedReason,
  settleAtSource,
} from './describe';
export { sphereNow, type Sphere } from './sphere';
export { groupBy } from './read';
export { addPins, AMONG, EPOCH } from './queries';
export { TOUCH_SOURCES, touchSource, type Settled, type TouchSource } from './source';
