export { SAMPLE } from './check';
export {
  findTemplate,
  noteWordings,
  readFaces,
  templatesAmong,
  wordingsUsed,
  type TemplateRow,
} from './queries';
export { asMailed, cleanRich, picturesIn, plainOf } from './rich';
export { noteSaid, readCopy, type Said, type Sayer, type ResolvedCopy } from './copy';
export { readMergeValues } from './values';
export { assertFiles, faultsOfWords, tidied, tidiedOrRefused } from './words';
