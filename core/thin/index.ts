export * from './thin';
