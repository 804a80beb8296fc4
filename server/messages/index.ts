export { cancelByKey, messagesByKey, moveByKey, timeAnew, unsentBefore, waitingBy } from './by-key';
export type { Wanted } from './make';
export { recoverSending } from './pump';
export { queueMessages } from './queue';
