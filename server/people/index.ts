export { add as addPerson, raiseVersions, tagPeople } from './actions';
export { assertCircle, findOrRefuse } from './find';
export { enrichPerson } from './add-to-person';
export { ensureNamed } from './clean-fields';
export { assertRules, filterWarnings } from './filter-faults';
export { insertJobs, jobsOf } from './jobs';
export { eraseAgain } from './erase';
export { learn } from './learnt';
export { lackSql } from './filter';
export { homeOf, householdOf, settleHouseholds } from './households';
export { insertNotes, notesOf } from './notes';
export { circleOf, countPeople, exactIdsOf, insertPeople, namesOf } from './queries';
export { resolveSelection } from './selection';
export { keepPhoto, shrink } from './photo';
export { contractFields, fieldsOf, toNote, toRecord } from './records';
export { fieldsOfMany, refreshKeys, rewriteMany } from './rewrite-many';
export { lookAlikes, readKnown, readKnownByKeys } from './same';
export { insertTie, insertTies, tiesOf, tiesOfMany } from './ties';
export {
  FACTS,
  readFacts,
  STORY_PARTS,
  type Fact,
  type FactValues,
  type StoryEvent,
  type StoryPart,
} from './slots';
export { toStanding } from './standing';
export { asking } from './conditions';
