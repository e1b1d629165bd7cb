export * from './by-hand';
export * from './corrections';
export * from './ending';
export * from './fingers';
export * from './log-row';
export * from './pieces';
export * from './rating';
export * from './record';
