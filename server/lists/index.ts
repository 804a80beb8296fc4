export { ensureEntries, ensureFields, entriesInUse, readEntries, readOwnFields } from './queries';
