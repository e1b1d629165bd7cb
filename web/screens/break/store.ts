import { type Break, type Kept, stepsOf } from '@kotabi/core/model';
import { applyPatches, enablePatches, type Patch, produceWithPatches } from 'immer';
import { createStore } from 'zustand/vanilla';

enablePatches();

/** One thing that can be undone, as the diffs that do it and take it back. */
interface Edit {
  label: string;
  /** Edits that follow each other with the same key are one (typing a number). */
  key: string | null;
  forth: Patch[];
  back: Patch[];
}

/** What autosave is doing, as the user is told. */
export type SaveState =
  | { at: 'saved' }
  | { at: 'waiting' }
  | { at: 'saving' }
  /** The server does not answer; kept here and tried again. */
  | { at: 'offline' }
  /** Changed elsewhere; the user has to choose. */
  | { at: 'conflict' }
  /** The server says no. */
  | { at: 'refused'; message: string };

export interface BreakState {
  brk: Break;
  /** The version the server has, and the state it has. */
  baseVersion: number;
  savedBrk: Break;
  save: SaveState;
  undo: Edit[];
  redo: Edit[];
  /** Chosen steps, not part of undo. The last one is the one that is shown. */
  selected: string[];
  edit: (label: string, recipe: (draft: Break) => void, key?: string) => void;
  undoEdit: () => void;
  redoEdit: () => void;
  select: (ids: string[]) => void;
  setSave: (save: SaveState) => void;
  /** The server has kept this state. */
  saved: (kept: Kept<Break>, sent: Break) => void;
  /** Takes over the server's state; what was here can be had back with undo. */
  takeOver: (kept: Kept<Break>) => void;
  /** Goes on from the server's version with the state that is here. */
  rebase: (version: number) => void;
}

/** The break being edited: one store for each time a break is opened. */
export const createBreakStore = (kept: Kept<Break>) =>
  createStore<BreakState>((set, get) => {
    const still = (brk: Break, ids: string[]): string[] => {
      const there = new Set(stepsOf(brk).map((s) => s.id));
      return ids.filter((id) => there.has(id));
    };
    const show = (brk: Break): Pick<BreakState, 'brk' | 'selected' | 'save'> => {
      const { save, savedBrk, selected } = get();
      const clean = JSON.stringify(brk) === JSON.stringify(savedBrk) && save.at !== 'saving';
      const next: SaveState = save.at === 'conflict' ? save : { at: clean ? 'saved' : 'waiting' };
      return { brk, selected: still(brk, selected), save: next };
    };
    return {
      brk: kept.value,
      baseVersion: kept.version,
      savedBrk: kept.value,
      save: { at: 'saved' },
      undo: [],
      redo: [],
      selected: [],
      edit: (label, recipe, key) => {
        const { brk, undo } = get();
        const [next, forth, back] = produceWithPatches(brk, recipe);
        if (forth.length === 0) return;
        const last = undo.at(-1);
        const joined =
          key !== undefined && last?.key === key
            ? [
                ...undo.slice(0, -1),
                { ...last, forth: [...last.forth, ...forth], back: [...back, ...last.back] },
              ]
            : [...undo, { label, key: key ?? null, forth, back }];
        set({ ...show(next), undo: joined, redo: [] });
      },
      undoEdit: () => {
        const { brk, undo, redo } = get();
        const last = undo.at(-1);
        if (last)
          set({ ...show(applyPatches(brk, last.back)), undo: undo.slice(0, -1), redo: [...redo, last] });
      },
      redoEdit: () => {
        const { brk, undo, redo } = get();
        const last = redo.at(-1);
        if (last)
          set({
            ...show(applyPatches(brk, last.forth)),
            // The key is dropped, so that typing on does not melt into what was redone.
            undo: [...undo, { ...last, key: null }],
            redo: redo.slice(0, -1),
          });
      },
      select: (selected) => set({ selected }),
      setSave: (save) => set({ save }),
      saved: ({ version }, sent) =>
        set(({ brk }) => ({
          baseVersion: version,
          savedBrk: sent,
          save: { at: brk === sent ? 'saved' : 'waiting' },
        })),
      takeOver: ({ version, value }) => {
        const { brk, undo, selected } = get();
        const [next, forth, back] = produceWithPatches(brk, () => value);
        set({
          brk: next,
          baseVersion: version,
          savedBrk: next,
          save: { at: 'saved' },
          undo: [...undo, { label: 'take the other version', key: null, forth, back }],
          redo: [],
          selected: still(next, selected),
        });
      },
      rebase: (version) => set({ baseVersion: version, save: { at: 'waiting' } }),
    };
  });

export type BreakStore = ReturnType<typeof createBreakStore>;
