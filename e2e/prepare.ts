import { DAY, freshData } from './penpal';

/** Before the first journey: the data that they begin with, so that none waits for another's. */
export default async function prepare(): Promise<void> {
  await freshData(DAY);
}
