export * from './changes';
export * from './ready';
