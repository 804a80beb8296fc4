export { inTurns } from './in-turns';
export { Busy, inPlace, inThreads, Stopped, type Threads } from './threads';
