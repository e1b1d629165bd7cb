import type { Change } from '@kotabi/core/model';
import { z } from 'zod';
import { type Document, isUnkept } from './document';

const keyOf = (name: string, id: string): string => `kotabi.unsaved.${name}.${id}`;
const Held = z.object({ baseVersion: z.int().min(0), value: z.unknown() });

export type Shelf = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;

/** Which documents these are, and how one is read again that was left in this browser; it may throw. */
export interface HeldKind<T> {
  name: string;
  read: (value: unknown) => T;
  /** Under which name one is held; its id when left out. */
  idOf?: (value: T) => string;
}
const heldId = <T extends { id: string }>({ idOf }: HeldKind<T>, value: T): string =>
  idOf ? idOf(value) : value.id;

/** A state that has not reached the server, as it lies in this browser; null when there is none. */
export const heldState = <T extends { id: string }>(
  kind: HeldKind<T>,
  id: string,
  shelf: Shelf = localStorage,
): Change<T> | null => {
  const text = shelf.getItem(keyOf(kind.name, id));
  if (text === null) return null;
  try {
    const { baseVersion, value } = Held.parse(JSON.parse(text));
    return { baseVersion, value: kind.read(value) };
  } catch {
    // Written by another version of the program, or cut off: it cannot be shown, and would only be in the way.
    shelf.removeItem(keyOf(kind.name, id));
    return null;
  }
};

/** Lets go of what was held, since it has been kept, or is not wanted. */
export const forgetHeld = <T extends { id: string }>(
  kind: HeldKind<T>,
  value: T,
  shelf: Shelf = localStorage,
): void => shelf.removeItem(keyOf(kind.name, heldId(kind, value)));

/**
 * Keeps a document in this browser for as long as the server does not take it, so that closing the page loses
 * nothing. Gives back a function that stops watching.
 */
export const holdUnsaved = <T extends { id: string }>(
  document: Document<T>,
  kind: HeldKind<T>,
  shelf: Shelf = localStorage,
): (() => void) =>
  document.subscribe(({ value, baseVersion, save }) => {
    if (!isUnkept(save)) forgetHeld(kind, value, shelf);
    else if (save.at !== 'saving')
      shelf.setItem(
        keyOf(kind.name, heldId(kind, value)),
        JSON.stringify({ baseVersion, value } satisfies Change<T>),
      );
  });

/**
 * Puts a state that was held here over what the server has, as one edit that can be undone. When the server has
 * gone on meanwhile, saving it is refused there and the user chooses. True when something was brought back.
 */
export const bringBackHeld = <T extends { id: string }>(
  document: Document<T>,
  kind: HeldKind<T>,
  shelf: Shelf = localStorage,
): boolean => {
  const { value, replace, rebase } = document.getState();
  const held = heldState(kind, heldId(kind, value), shelf);
  if (!held || JSON.stringify(held.value) === JSON.stringify(value)) return false;
  replace('bring back what was not saved', () => held.value);
  rebase(held.baseVersion);
  return true;
};
