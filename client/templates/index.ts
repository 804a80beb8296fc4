export { AsRead } from './as-read';
export { BeginFrom, bodyOf, NOTHING_WRITTEN, type Writing } from './begin-from';
export { FilesAlong } from './files';
export { WordsFields } from './words-fields';
