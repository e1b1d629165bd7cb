export * from './fill';
export * from './request';
export * from './stopped';
