export * from './felt';
export * from './palettes';
export * from './still';
