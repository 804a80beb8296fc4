export * from './more-screen';
