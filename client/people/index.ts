export * from './add-screen';
export * from './import-screen';
export * from './people-frame';
export * from './selection';
export * from './sheet-screen';
export * from './standing';
