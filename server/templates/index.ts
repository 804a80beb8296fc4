export { readMergeValues } from './values';
