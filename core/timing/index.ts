export * from './compile';
export * from './lengths';
export * from './mirror';
export * from './resolve';
export * from './timeline';
export * from './working';
