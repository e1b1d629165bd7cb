import { create } from 'zustand';
import { type Filters, noFilters } from './filters';

interface Narrowed {
  text: string;
  filters: Filters;
}

/** What the library is narrowed to: it stays while one looks at a move and comes back. */
export const useNarrowed = create<Narrowed>(() => ({ text: '', filters: noFilters }));
