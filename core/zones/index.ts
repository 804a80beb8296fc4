export { countryName } from './countries';
export { countryCode, zoneOfAddress } from './address';
export * from './instants';
export * from './quiet';
export * from './sending';
