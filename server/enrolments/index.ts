export { joiningRuns } from './change';
export { enrolmentsOf, startEnrolments } from './queries';
