export * from './cautions';
export * from './shelf';
export * from './step';
