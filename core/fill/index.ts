export * from './fill';
export * from './request';
