export * from './finding';
export * from './fix';
export * from './review';
export * from './timed';
