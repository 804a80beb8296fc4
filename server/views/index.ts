export { filterOf } from './actions';
