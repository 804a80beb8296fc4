import { access } from './access/subject';
import { almanac } from './almanac/subject';
import { ahead } from './ahead/subject';
import { carriers } from './carriers/subject';
import { cadences } from './cadences/subject';
import { delivery } from './delivery/subject';
import { enrolments } from './enrolments/subject';
import { exported } from './exports/subject';
import { files } from './files/subject';
import { gaps } from './gaps/subject';
import { history } from './history/subject';
import type { Subject } from './house';
import { imports } from './imports/subject';
import { intake } from './intake/subject';
import { lists } from './lists/subject';
import { messages } from './messages/subject';
import { people } from './people/subject';
import { services } from './services/subject';
import { settings } from './settings/subject';
import { sheets } from './sheets/subject';
import { templates } from './templates/subject';
import { touches } from './touches/subject';
import { upkeep } from './upkeep/subject';
import { views } from './views/subject';

/** Every subject of the house, from the ground up. Paths that take any id come after those that don't. */
export const SUBJECTS: readonly Subject[] = [
  upkeep,
  access,
  history,
  settings,
  exported,
  lists,
  people,
  views,
  services,
  carriers,
  files,
  templates,
  cadences,
  touches,
  messages,
  delivery,
  enrolments,
  almanac,
  ahead,
  gaps,
  imports,
  intake,
  sheets,
];
