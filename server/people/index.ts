export { assertCircle, findOrRefuse, tagPeople } from './actions';
export { countPeople, idsOf, insertNotes, insertPeople } from './queries';
export { toNote, toRecord } from './records';
