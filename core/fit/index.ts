export * from './band';
export * from './doses';
export * from './fit';
export * from './problem';
