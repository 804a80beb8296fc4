export { optOut } from './back';
export { makeMessages, type Wanted } from './make';
export { messageOfToken } from './opt-out';
export { queueMessages } from './queue';
export { recoverHanding, wakeOutbox } from './pump';
