export * from './gather';
