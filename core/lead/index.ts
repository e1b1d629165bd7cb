export * from './lead';
export * from './view';
