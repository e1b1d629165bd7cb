export * from './head-load';
export * from './holding';
export * from './motion';
export * from './published';
export { FROM_MEMORY, type Source } from './source';
