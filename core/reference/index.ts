export * from './head-load';
export * from './in-use';
export * from './published';
