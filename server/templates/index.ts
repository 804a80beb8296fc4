export { assertFiles, faultsOfWords, tidied } from './actions';
export {
  findTemplate,
  noteWordings,
  readFaces,
  templatesAmong,
  wordingsUsed,
  type TemplateRow,
} from './queries';
export { asMailed, cleanRich, picturesIn, plainOf } from './rich';
export { readMergeValues } from './values';
