export * from './ending';
export * from './fingers';
export * from './pieces';
export * from './rating';
export * from './record';
