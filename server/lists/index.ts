export { ensureEntries, readOwnFields } from './queries';
