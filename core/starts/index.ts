export * from './starts';
