export * from './language';
export * from './places';
export * from './resolve';
export * from './set-up';
export * from './spoken-words';
export * from './ways';
