export { openFollowUps } from './follow-ups';
export { logTouch } from './actions';
export { insertFollowUp, insertTouches, touchesOf } from './queries';
