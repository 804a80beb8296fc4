export * from './call';
export * from './queries';
export * from './told';
