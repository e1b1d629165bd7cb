export * from './best-rule';
export * from './compare-rules';
export * from './day';
export * from './from-log';
export * from './settings';
export * from './simulate';
export * from './streak';
