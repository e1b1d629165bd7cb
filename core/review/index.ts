export * from './can-do';
export * from './finding';
export * from './review';
export * from './reviewed';
