export * from './items';
export * from './joining';
export * from './passing';
export * from './reason';
