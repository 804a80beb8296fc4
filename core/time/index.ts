export * from './clock-doubt';
export * from './day';
export * from './read-date';
export * from './speak';
export * from './islamic';
