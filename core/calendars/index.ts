export * from './busy';
export * from './found';
export { MOST_BYTES } from './parse';
export * from './read';
