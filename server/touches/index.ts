export { openFollowUps } from './follow-ups';
export { logTouch, logTouchIn } from './log';
export {
  copyTouch,
  insertFollowUp,
  insertTouches,
  swapMark,
  touchesOf,
  upsertMark,
} from './queries';
