export { wordValues } from './actions';
export { enrolmentsOf, readCadences } from './queries';
