export { countryCode, zoneOfAddress } from './address';
export * from './instants';
export * from './quiet';
export * from './sending';
