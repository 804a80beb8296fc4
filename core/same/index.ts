export * from './address';
export * from './find';
export * from './nicknames';
export * from './score';
export * from './traits';
