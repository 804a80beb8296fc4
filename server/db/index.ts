export { backup } from './backup';
export * from './db';
export * from './ids';
export * from './lock';
export * from './migrate';
export * from './open';
export { DatabaseHeld, lockDatabase } from './postgres';
export { refreshStatistics } from './statistics';
