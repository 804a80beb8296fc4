export { tell } from './actions';
export { readServices } from './queries';
export { sendDue } from './send';
