export * from './clip';
export * from './edits';
export * from './order';
export * from './sides';
