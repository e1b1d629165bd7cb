export * from './cue-context';
export * from './order';
export * from './propose';
export * from './questions';
