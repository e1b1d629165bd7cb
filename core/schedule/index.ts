export * from './by-hand';
export * from './plan-day';
export * from './run';
export * from './week';
