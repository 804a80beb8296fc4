export { readServices } from './queries';
export { sealOldSecrets, secretAt } from './secrets';
