export { inTurns } from './in-turns';
export { inPlace, inThreads, Stopped, type Threads } from './threads';
