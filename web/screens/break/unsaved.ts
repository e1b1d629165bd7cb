import { Break, type Change } from '@kotabi/core/model';
import { z } from 'zod';
import type { BreakStore } from './store';
import { replaceWith } from './useActions';

const keyOf = (breakId: string): string => `kotabi.unsaved.${breakId}`;
const Held = z.object({ baseVersion: z.int().min(0), value: Break });

type Shelf = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;

/** A state of a break that has not reached the server, as it lies in this browser; null when there is none. */
export const heldState = (breakId: string, shelf: Shelf = localStorage): Change<Break> | null => {
  const text = shelf.getItem(keyOf(breakId));
  if (text === null) return null;
  try {
    return Held.parse(JSON.parse(text));
  } catch {
    // Written by another version of the program, or cut off: it cannot be shown, and would only be in the way.
    shelf.removeItem(keyOf(breakId));
    return null;
  }
};

/** Lets go of what was held, since it has been kept. */
export const forgetHeld = (breakId: string, shelf: Shelf = localStorage): void =>
  shelf.removeItem(keyOf(breakId));

/**
 * Keeps a break in this browser for as long as the server does not take it, so that closing the page loses nothing.
 * Gives back a function that stops watching.
 */
export const holdUnsaved = (store: BreakStore, shelf: Shelf = localStorage): (() => void) =>
  store.subscribe(({ brk, baseVersion, save }) => {
    if (save.at === 'saved') shelf.removeItem(keyOf(brk.id));
    else if (save.at !== 'saving')
      shelf.setItem(keyOf(brk.id), JSON.stringify({ baseVersion, value: brk } satisfies Change<Break>));
  });

/**
 * Puts a state that was held here over what the server has, as one edit that can be undone. When the server has
 * gone on meanwhile, saving it is refused there and the user chooses. True when something was brought back.
 */
export const bringBackHeld = (store: BreakStore, shelf: Shelf = localStorage): boolean => {
  const { brk, edit, rebase } = store.getState();
  const held = heldState(brk.id, shelf);
  if (!held || JSON.stringify(held.value) === JSON.stringify(brk)) return false;
  edit('bring back what was not saved', (d) => replaceWith(d, held.value));
  rebase(held.baseVersion);
  return true;
};
