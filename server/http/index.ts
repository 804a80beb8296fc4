export { createApp, createFormApp } from './app';
