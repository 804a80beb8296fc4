export { deviceName } from './device';
export { waitAfter } from './waiting';
