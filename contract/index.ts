import * as access from './access';
import * as almanac from './almanac';
import * as calendars from './calendars';
import * as carriers from './carriers';
import * as cadences from './cadences';
import * as enrolments from './enrolments';
import * as exported from './exports';
import * as files from './files';
import * as gaps from './gaps';
import * as greetings from './greetings';
import * as history from './history';
import * as imports from './imports';
import * as intake from './intake';
import * as lists from './lists';
import * as many from './many';
import * as messages from './messages';
import * as people from './people';
import * as planner from './planner';
import * as rota from './rota';
import * as same from './same';
import * as services from './services';
import * as settings from './settings';
import * as story from './story';
import * as templates from './templates';
import * as touches from './touches';
import * as upkeep from './upkeep';
import * as views from './views';
import type { Endpoint } from './endpoint';

const isEndpoint = (value: unknown): value is Endpoint =>
  typeof value === 'object' && value !== null && 'method' in value && 'path' in value;

/** Every endpoint of the API, for the server's OpenAPI document. */
export const endpoints: Endpoint[] = [
  access,
  settings,
  history,
  almanac,
  greetings,
  calendars,
  people,
  story,
  many,
  same,
  lists,
  intake,
  views,
  gaps,
  exported,
  imports,
  cadences,
  enrolments,
  rota,
  touches,
  planner,
  services,
  carriers,
  files,
  templates,
  messages,
  upkeep,
].flatMap((file) => Object.values(file).filter(isEndpoint));
