export * from './breath';
