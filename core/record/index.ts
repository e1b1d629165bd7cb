export * from './rating';
export * from './record';
