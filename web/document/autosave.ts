import type { Change, Kept } from '@kotabi/core/model';
import { ApiFailure, Unreachable } from '../api/client';
import type { Document } from './document';

export type Put<T> = (change: Change<T>, keepalive?: boolean) => Promise<Kept<T>>;
type Timer = Pick<typeof globalThis, 'setTimeout' | 'clearTimeout'>;

const REST_MS = 500;
const RETRY_MS = 3000;

/** Sends a document once; what becomes of it is told in its state. A state in conflict is never sent. */
export const sendOnce = async <T extends { id: string }>(
  document: Document<T>,
  put: Put<T>,
  keepalive = false,
): Promise<void> => {
  const { value, baseVersion, save, setSave, saved } = document.getState();
  if (save.at === 'saving' || save.at === 'saved' || save.at === 'new' || save.at === 'conflict') return;
  setSave({ at: 'saving' });
  try {
    saved(await put({ baseVersion, value }, keepalive), value);
  } catch (error) {
    if (error instanceof Unreachable) setSave({ at: 'offline' });
    else if (error instanceof ApiFailure && error.status === 409) setSave({ at: 'conflict' });
    else setSave({ at: 'refused', message: error instanceof Error ? error.message : String(error) });
  }
};

/**
 * Saves a document a moment after the last change, one request at a time, and goes on trying when the server does
 * not answer. A state based on an old version is never sent again without the user's choice.
 * Gives back a function that stops it, timers and all, and saves what is left at once.
 */
export const autosave = <T extends { id: string }>(
  document: Document<T>,
  put: Put<T>,
  timer: Timer = globalThis,
): (() => Promise<void>) => {
  let waiting: ReturnType<typeof setTimeout> | undefined;
  let sending: Promise<void> | null = null;
  let stopped = false;

  const plan = (ms: number): void => {
    timer.clearTimeout(waiting);
    if (!stopped) waiting = timer.setTimeout(() => void send(), ms);
  };

  const send = async (): Promise<void> => {
    const { at } = document.getState().save;
    if (sending || (at !== 'waiting' && at !== 'offline')) return;
    sending = sendOnce(document, put);
    await sending;
    sending = null;
    const now = document.getState().save.at;
    if (now === 'offline') plan(RETRY_MS);
    // Changes made while a request was on its way set the state themselves; see to them now.
    if (now === 'waiting') plan(REST_MS);
  };

  const unsubscribe = document.subscribe((state, before) => {
    if (state.save.at === 'waiting' && (state.value !== before.value || before.save.at !== 'waiting'))
      plan(REST_MS);
  });
  const { at } = document.getState().save;
  if (at === 'waiting' || at === 'offline') plan(REST_MS);

  return async () => {
    stopped = true;
    timer.clearTimeout(waiting);
    unsubscribe();
    await sending;
    // Leaving the page: sent with keepalive, so that it arrives even when the page is gone.
    const left = document.getState().save.at;
    if (left === 'waiting' || left === 'offline') await sendOnce(document, put, true);
  };
};
