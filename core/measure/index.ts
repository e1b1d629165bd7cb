export * from './allowed';
export * from './body';
export * from './change';
export * from './checked';
export * from './kinds';
