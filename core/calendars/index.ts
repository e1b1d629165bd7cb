export * from './busy';
export * from './read';
