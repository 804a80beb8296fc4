export { openFollowUps } from './follow-ups';
export { insertTouches, touchesOf } from './queries';
