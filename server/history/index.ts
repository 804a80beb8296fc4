export { recentActions } from './queries';
export { undoAction } from './undo';
