import { type Clip, readClip } from '@kotabi/core/edit';
import type { Item } from '@kotabi/core/model';

const KEY = 'kotabi.steps';

/** Steps that were copied: kept in the browser, so that they can be pasted in another break or another tab. */
export const clipboard = {
  put: (items: readonly Item[]): void =>
    localStorage.setItem(KEY, JSON.stringify({ format: 'kotabi-steps', items })),
  get: (): Clip | null => readClip(localStorage.getItem(KEY) ?? ''),
};
