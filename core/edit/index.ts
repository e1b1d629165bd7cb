export * from './belongs';
export * from './clip';
export * from './doses';
export * from './edits';
export * from './fix';
export * from './order';
export * from './place';
export * from './sides';
