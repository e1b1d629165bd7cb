export * from './head-load';
export * from './published';
