import type { ReactNode } from 'react';

/** What went wrong with a file, told at length. */
export interface Trouble {
  title: string;
  content: ReactNode;
}
