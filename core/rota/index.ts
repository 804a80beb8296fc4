export * from './balance';
export * from './calls';
export * from './groups';
export * from './initial';
