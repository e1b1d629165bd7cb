export * from './adopt';
export * from './break-file';
export * from './icalendar';
export type { PlacedProblem } from './json-text';
export * from './move-file';
export * from './people-table';
export * from './plain-text';
export * from './webvtt';
export * from './week-table';
