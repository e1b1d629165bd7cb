export * from './forms';
