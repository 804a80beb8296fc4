export { findDamage, openBackup } from './check';
