export * from './answer';
export * from './demands';
export * from './rules';
export * from './table';
