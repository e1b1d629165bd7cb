export * from './adopt';
export * from './break-file';
export * from './icalendar';
export * from './plain-text';
export * from './webvtt';
