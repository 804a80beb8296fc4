export { queueCall } from './calls';
export { readServices } from './queries';
