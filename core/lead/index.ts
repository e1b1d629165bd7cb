export * from './lead';
export * from './sounds';
export * from './speaking';
export * from './view';
