export { openFollowUps } from './follow-ups';
export { logTouch } from './actions';
export {
  copyTouch,
  insertFollowUp,
  insertTouches,
  swapMark,
  touchesOf,
  upsertMark,
} from './queries';
