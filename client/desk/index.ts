export * from './desk-screen';
