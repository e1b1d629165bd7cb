export * from './set-up';
export * from './words';
