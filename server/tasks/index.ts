export {
  handles,
  HANDLERS,
  RECURRING,
  type Recurring,
  type TaskHandler,
  type TaskResult,
} from './handlers';
export { deleteOldSteps, recurAgain, recurringHandler } from './recurring';
export { runDue, runKind, startTasks } from './runner';
export { addTask, deleteEnded, findTask, latestTasks, wakeTask, type Task } from './table';
