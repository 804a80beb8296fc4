export * from './button';
export * from './choice';
export * from './field';
export * from './keys';
export * from './marks';
export * from './overlay';
export * from './page';
export * from './type';
