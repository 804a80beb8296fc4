export { joiningRuns } from './change';
export { enrolmentsOf, moveStarts, startEnrolments } from './queries';
