export * from './answer';
export * from './cautions';
export * from './demands';
export * from './need-rules';
export * from './shown';
export * from './table';
export * from './words';
