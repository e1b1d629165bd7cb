import type { Move } from '../model';
import data from './library.json' with { type: 'json' };
import { type Shelf, shelfOf } from './shelf';

/** The moves that come with Kotabi. For servers and tests, which have them at hand from the start. */
export const library = data.moves;
export const pauses = data.pauses;

/** Everything at hand, with the instructor's own moves. */
export const shelf = (own: readonly Move[] = []): Shelf => shelfOf(data, own);

/** Finds a move among the instructor's own first, then in the library. */
export const moveLookup = (own: readonly Move[] = []): Shelf['lookup'] => shelf(own).lookup;
