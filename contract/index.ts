import * as cadences from './cadences';
import * as imports from './imports';
import * as people from './people';
import * as planner from './planner';
import * as settings from './settings';
import * as touches from './touches';
import type { Endpoint } from './endpoint';

const isEndpoint = (value: unknown): value is Endpoint =>
  typeof value === 'object' && value !== null && 'method' in value && 'path' in value;

/** Every endpoint of the API, for the server's OpenAPI document. */
export const endpoints: Endpoint[] = [
  settings,
  people,
  imports,
  cadences,
  touches,
  planner,
].flatMap((file) => Object.values(file).filter(isEndpoint));
