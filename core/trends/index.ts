export * from './done';
export * from './input';
export * from './reach';
export * from './seconds';
export * from './tension';
export * from './trends';
