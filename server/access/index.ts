export { placeOf } from './cookies';
export { ownNamesOnly, ownPagesOnly, signedInOnly } from './wall';
