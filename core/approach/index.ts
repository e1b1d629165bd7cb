export * from './cue-context';
export * from './propose';
export * from './questions';
