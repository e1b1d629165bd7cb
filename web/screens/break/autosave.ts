import type { Break, Change, Kept } from '@kotabi/core/model';
import { ApiFailure, Unreachable } from '../../api/client';
import type { BreakStore } from './store';

type Put = (change: Change<Break>, keepalive?: boolean) => Promise<Kept<Break>>;
type Timer = Pick<typeof globalThis, 'setTimeout' | 'clearTimeout'>;

const REST_MS = 500;
const RETRY_MS = 3000;

/**
 * Saves the break a moment after the last change, one request at a time, and goes on trying when the server
 * does not answer. A state based on an old version is never sent again without the user's choice.
 * Gives back a function that stops it and saves what is left at once.
 */
export const autosave = (store: BreakStore, put: Put, timer: Timer = globalThis): (() => Promise<void>) => {
  let waiting: ReturnType<typeof setTimeout> | undefined;
  let sending = false;
  let stopped = false;

  const plan = (ms: number): void => {
    timer.clearTimeout(waiting);
    if (!stopped) waiting = timer.setTimeout(() => void send(), ms);
  };

  const send = async (): Promise<void> => {
    const { brk, baseVersion, save, setSave, saved } = store.getState();
    if (sending || (save.at !== 'waiting' && save.at !== 'offline')) return;
    sending = true;
    setSave({ at: 'saving' });
    try {
      const kept = await put({ baseVersion, value: brk });
      saved(kept, brk);
    } catch (error) {
      if (error instanceof Unreachable) {
        setSave({ at: 'offline' });
        plan(RETRY_MS);
      } else if (error instanceof ApiFailure && error.status === 409) setSave({ at: 'conflict' });
      else setSave({ at: 'refused', message: error instanceof Error ? error.message : String(error) });
    } finally {
      sending = false;
      // Changes made while a request was on its way set the state themselves; see to them now.
      if (store.getState().save.at === 'waiting') plan(REST_MS);
    }
  };

  const unsubscribe = store.subscribe((state, before) => {
    if (state.save.at === 'waiting' && (state.brk !== before.brk || before.save.at !== 'waiting'))
      plan(REST_MS);
  });

  return async () => {
    stopped = true;
    timer.clearTimeout(waiting);
    unsubscribe();
    const { brk, baseVersion, save } = store.getState();
    // Leaving the page: sent with keepalive, so that it arrives even when the page is gone.
    if (save.at === 'waiting' || save.at === 'offline') await put({ baseVersion, value: brk }, true);
  };
};
