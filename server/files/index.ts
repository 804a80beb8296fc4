export { readBytes, readFiles, type FileBytes } from './queries';
