export { GAP_WORDS } from './gap-words';
