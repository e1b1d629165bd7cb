export * from './day';
export * from './from-log';
export * from './rules';
export * from './settings';
export * from './simulate';
export * from './streak';
