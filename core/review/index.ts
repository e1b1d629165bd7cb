export * from './finding';
export * from './review';
