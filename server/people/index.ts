export { add as addPerson, raiseVersions, tagPeople } from './actions';
export { assertCircle, findOrRefuse } from './find/find';
export { enrichPerson } from './record/add-to-person';
export { ensureNamed } from './record/clean-fields';
export { assertRules, filterWarnings } from './find/filter-faults';
export { insertJobs, jobsOf } from './record/jobs';
export { eraseAgain } from './erase/erase';
export { learn } from './record/learnt';
export { lackSql } from './find/filter';
export { homeOf, householdOf, settleHouseholds } from './record/households';
export { insertNotes, notesOf } from './record/notes';
export { circleOf, countPeople, exactIdsOf, insertPeople, namesOf } from './queries';
export { resolveSelection } from './find/selection';
export { keepPhoto, shrink } from './record/photo';
export { contractFields, fieldsOf, toNote, toRecord } from './record/records';
export { fieldsOfMany, refreshKeys, rewriteMany } from './many/rewrite-many';
export { lookAlikes, readKnown, readKnownByKeys } from './same/same';
export { insertTie, insertTies, tiesOf, tiesOfMany } from './record/ties';
export {
  FACTS,
  readFacts,
  STORY_PARTS,
  type Fact,
  type FactValues,
  type StoryEvent,
  type StoryPart,
} from './slots';
export { toStanding } from './find/standing';
export { asking } from './find/conditions';
