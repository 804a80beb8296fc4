export { HANDLERS, RECURRING, type Ran, type Recurring, type TaskHandler } from './handlers';
export { forgetSteps, keepRunning, recurAgain, recurringHandler, runDue, runKind } from './runner';
export { addTask, findTask, forgetOver, latestTasks, wakeTask, type Task } from './table';
