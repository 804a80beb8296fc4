export { createApp, createFormApp } from './app';
export { endServer } from './end';
