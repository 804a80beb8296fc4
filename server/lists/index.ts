export { ensureEntries, ensureFields, readEntries, readOwnFields } from './queries';
