export { queueCall } from './calls';
export { readServices } from './queries';
export { sealOldSecrets, secretAt } from './secrets';
