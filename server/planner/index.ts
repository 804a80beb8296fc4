export { sphereNow, type Sphere } from './sphere';
export { groupBy } from './read';
export { addPins, planSettled } from './queries';
export { inPlace, inThreads, type Thinking } from './thinking';
