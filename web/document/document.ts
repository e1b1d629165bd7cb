import type { Kept } from '@kotabi/core/model';
import { applyPatches, type Draft, enablePatches, type Patch, produceWithPatches } from 'immer';
import { createStore, type StoreApi } from 'zustand/vanilla';

enablePatches();

/** One thing that can be undone, as the diffs that do it and take it back. */
export interface Edit {
  label: string;
  /** Edits that follow each other with the same key are one (typing a number). */
  key: string | null;
  /** Done by the program itself (a calendar that moved): it is undone together with the user's edit before it. */
  itself: boolean;
  forth: Patch[];
  back: Patch[];
}

/** How a document stands with the server, as the user is told. */
export type SaveState =
  /** Never kept, and nothing done to it yet. */
  | { at: 'new' }
  | { at: 'saved' }
  | { at: 'waiting' }
  | { at: 'saving' }
  /** The server does not answer; kept here and tried again. */
  | { at: 'offline' }
  /** Changed elsewhere; the user has to choose. */
  | { at: 'conflict' }
  /** The server says no. */
  | { at: 'refused'; message: string };

export interface EditOptions {
  key?: string;
  itself?: boolean;
}

export interface DocumentState<T> {
  value: T;
  /** The version the server has, 0 for none, and the state it has. */
  baseVersion: number;
  savedValue: T | null;
  save: SaveState;
  undo: Edit[];
  redo: Edit[];
  /** Changes a draft in place. */
  edit: (label: string, recipe: (draft: T) => void, options?: EditOptions) => void;
  /** Puts another state in place of this one; what is the same in both is not part of the edit. */
  replace: (label: string, next: (value: T) => T, options?: EditOptions) => void;
  undoEdit: () => void;
  redoEdit: () => void;
  setSave: (save: SaveState) => void;
  /** The server has kept this state. */
  saved: (kept: Kept<T>, sent: T) => void;
  /** Takes over the server's state; what was here can be had back with undo. */
  takeOver: (kept: Kept<T>) => void;
  /** Goes on from the server's version with the state that is here. */
  rebase: (version: number) => void;
  /** Goes back to what the server has, with nothing left to undo. */
  discard: () => void;
}

/** What a kind of document has besides: how it is made, and what follows when the document changes. */
export interface Besides<T, More> {
  more: (set: (part: Partial<More>) => void) => More;
  follow: (value: T, more: More) => Partial<More>;
}

export type Document<T, More = unknown> = StoreApi<DocumentState<T> & More>;

/** Puts another state in place of a draft, field by field and entry by entry, so that the edit stays small. */
export const replaceWith = (draft: object, next: object): void => {
  const [now, then] = [draft as Record<string, unknown>, next as Record<string, unknown>];
  for (const key of Object.keys(now)) if (!(key in then)) delete now[key];
  for (const [key, value] of Object.entries(then)) {
    const old = now[key];
    if (Object.is(old, value) || JSON.stringify(old) === JSON.stringify(value)) continue;
    if (Array.isArray(old) && Array.isArray(value) && old.length === value.length)
      value.forEach((entry, i) => {
        if (JSON.stringify(old[i]) !== JSON.stringify(entry)) old[i] = entry;
      });
    else now[key] = value;
  }
};

/** Where a document begins: as the server has it, or new. */
export type Beginning<T> = { kept: Kept<T> } | { fresh: T };

/**
 * A thing that is edited and kept on the server: its state, what can be undone as diffs, and how it stands with the
 * server. Everything that is edited in the browser is one of these.
 */
export const createDocument = <T extends { id: string }, More extends object = object>(
  beginning: Beginning<T>,
  besides?: Besides<T, More>,
): Document<T, More> => {
  const kept = 'kept' in beginning ? beginning.kept : null;
  const first = kept ? kept.value : (beginning as { fresh: T }).fresh;
  return createStore<DocumentState<T> & More>((setAll, get) => {
    type State = DocumentState<T> & More;
    const set = (part: Partial<DocumentState<T>>): void => setAll(part as Partial<State>);
    const show = (value: T): Partial<DocumentState<T>> => {
      const { save, savedValue } = get();
      const clean =
        savedValue !== null && JSON.stringify(value) === JSON.stringify(savedValue) && save.at !== 'saving';
      const next: SaveState = save.at === 'conflict' ? save : { at: clean ? 'saved' : 'waiting' };
      return { value, save: next, ...(besides?.follow(value, get()) as Partial<DocumentState<T>>) };
    };
    const changed = (value: T, recipe: (draft: T) => void): [T, Patch[], Patch[]] =>
      produceWithPatches(value, (draft: Draft<T>) => recipe(draft as T)) as [T, Patch[], Patch[]];
    return {
      value: first,
      baseVersion: kept?.version ?? 0,
      savedValue: kept?.value ?? null,
      save: { at: kept ? 'saved' : 'new' },
      undo: [],
      redo: [],
      edit: (label, recipe, { key, itself = false } = {}) => {
        const { value, undo } = get();
        const [next, forth, back] = changed(value, recipe);
        if (forth.length === 0) return;
        const last = undo.at(-1);
        const joined =
          key !== undefined && last?.key === key
            ? [
                ...undo.slice(0, -1),
                { ...last, forth: [...last.forth, ...forth], back: [...back, ...last.back] },
              ]
            : [...undo, { label, key: key ?? null, itself, forth, back }];
        set({ ...show(next), undo: joined, redo: [] });
      },
      replace: (label, next, options) => {
        const then = next(get().value);
        get().edit(label, (draft) => replaceWith(draft, then), options);
      },
      undoEdit: () => {
        let { value, undo, redo } = get();
        if (undo.every((e) => e.itself)) return;
        for (;;) {
          const last = undo.at(-1);
          if (!last) break;
          value = applyPatches(value, last.back);
          undo = undo.slice(0, -1);
          redo = [...redo, last];
          if (!last.itself) break;
        }
        set({ ...show(value), undo, redo });
      },
      redoEdit: () => {
        let { value, undo, redo } = get();
        let done = false;
        for (let last = redo.at(-1); last && (!done || last.itself); last = redo.at(-1)) {
          value = applyPatches(value, last.forth);
          // The key is dropped, so that typing on does not melt into what was redone.
          undo = [...undo, { ...last, key: null }];
          redo = redo.slice(0, -1);
          done = true;
        }
        if (done) set({ ...show(value), undo, redo });
      },
      setSave: (save) => set({ save }),
      saved: ({ version }, sent) =>
        set({
          baseVersion: version,
          savedValue: sent,
          save: { at: get().value === sent ? 'saved' : 'waiting' },
        }),
      takeOver: ({ version, value: theirs }) => {
        const { value, undo } = get();
        const [next, forth, back] = changed(value, (draft) => replaceWith(draft, theirs));
        set({
          ...show(next),
          baseVersion: version,
          savedValue: next,
          save: { at: 'saved' },
          undo: [...undo, { label: 'take the other version', key: null, itself: false, forth, back }],
          redo: [],
        });
      },
      rebase: (baseVersion) => set({ baseVersion, save: { at: 'waiting' } }),
      discard: () => {
        const { savedValue } = get();
        const value = savedValue ?? first;
        const save: SaveState = { at: savedValue ? 'saved' : 'new' };
        set({ ...show(value), save, undo: [], redo: [] });
      },
      ...(besides?.more((part) => setAll(part as unknown as Partial<State>)) as More),
    };
  });
};

/** True while a document holds something that the server does not have. */
export const isUnkept = (save: SaveState): boolean => save.at !== 'saved' && save.at !== 'new';
