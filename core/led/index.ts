export * from './led';
