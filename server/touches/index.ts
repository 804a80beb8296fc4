export { itemWords, plannedReason } from './describe';
export { toStanding } from './desk';
export { insertTouches, touchesOf } from './queries';
