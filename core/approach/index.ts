export * from './propose';
export * from './questions';
export * from './words';
