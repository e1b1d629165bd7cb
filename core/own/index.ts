export * from './for-others';
export * from './own-break';
