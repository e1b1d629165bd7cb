export * from './interval';
export * from './line';
