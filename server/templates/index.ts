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
export { noteSaid, readSayings, type Said, type Sayer, type Sayings } from './sayings';
export { readMergeValues } from './values';
export { assertFiles, faultsOfWords, tidied, tidiedOrRefused } from './words';
