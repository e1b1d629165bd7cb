import { Break, type Kept, stepsOf } from '@kotabi/core/model';
import { createDocument, type Document, type DocumentState } from '../../document/document';
import type { DocumentKind } from '../../document/useDocument';

/** Chosen steps, not part of undo. The last one is the one that is shown. */
interface Selection {
  selected: string[];
  select: (ids: string[]) => void;
}
export type BreakState = DocumentState<Break> & Selection;
export type BreakStore = Document<Break, Selection>;

/** Breaks keep themselves. */
export const breakKind: DocumentKind<Break> = {
  name: 'breaks',
  read: (value) => Break.parse(value),
  called: ({ name }) => `“${name}”`,
  byItself: true,
};

/** The break being edited, with the steps that are chosen in it. */
export const createBreakStore = (kept: Kept<Break>): BreakStore =>
  createDocument<Break, Selection>(
    { kept },
    {
      more: (set) => ({ selected: [], select: (selected) => set({ selected }) }),
      follow: (brk, { selected }) => {
        const there = new Set(stepsOf(brk).map((s) => s.id));
        return { selected: selected.filter((id) => there.has(id)) };
      },
    },
  );
