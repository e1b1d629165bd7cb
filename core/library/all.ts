import type { Move } from '../model';
import data from './library.json' with { type: 'json' };
import { type LibraryData, type Shelf, shelfOf } from './shelf';

// The file is written from the builders, which check every move against the schema; a test holds the two together.
const known = data as unknown as LibraryData;

/** The moves that come with Kotabi. For servers and tests, which have them at hand from the start. */
export const library = known.moves;
export const pauses = known.pauses;

/** Everything at hand, with the instructor's own moves. */
export const shelf = (own: readonly Move[] = []): Shelf => shelfOf(known, own);

/** Finds a move among the instructor's own first, then in the library. */
export const moveLookup = (own: readonly Move[] = []): Shelf['lookup'] => shelf(own).lookup;
