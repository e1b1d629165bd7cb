export * from './answer';
export * from './demands';
export * from './need-rules';
export * from './table';
