export { ArrivalsLine } from './arrivals';
