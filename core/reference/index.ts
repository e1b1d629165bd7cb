export * from './head-load';
export * from './holding';
export * from './motion';
export * from './published';
export type { Source } from './source';
