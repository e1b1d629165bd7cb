export * from './places';
export * from './set-up';
export * from './ways';
export * from './words';
