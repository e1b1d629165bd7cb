export * from './approach';
export * from './compare';
