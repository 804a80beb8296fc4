export { calendarOf, groupBy, sphereNow, type Sphere } from './plan';
export { addPins } from './queries';
