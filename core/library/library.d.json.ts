import type { LibraryData } from './shelf';

// What the file holds: it is written from the builders, which check every move against the schema, and a test holds the
// two together. Said here, so that nobody works it out from a megabyte of text.
declare const data: LibraryData;
export default data;
