export * from './chrome';
export * from './fonts';
