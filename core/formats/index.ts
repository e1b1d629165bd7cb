export * from './break-file';
export * from './plain-text';
export * from './webvtt';
