export * from './record';
