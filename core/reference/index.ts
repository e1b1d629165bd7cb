export * from './published';
