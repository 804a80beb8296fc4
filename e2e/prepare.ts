import { DAY, DEMO, freshData } from './penpal';

/** Before the first journey: the data that journeys begin with, so that none waits for the other's. */
export default async function prepare(): Promise<void> {
  await Promise.all([freshData(DAY), freshData(DEMO)]);
}
