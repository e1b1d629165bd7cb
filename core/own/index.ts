export * from './own-break';
