export * from './en';
export * from './say';
