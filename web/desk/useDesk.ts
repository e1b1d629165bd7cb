import { DeskView } from '@kotabi/core/model';
import { useCallback, useEffect, useState } from 'react';
import { ApiFailure, request } from '../api/client';

/** How often an open page asks what is new, ms. */
const EVERY_MS = 20_000;
const heldAt = (token: string): string => `kotabi.desk.${token}`;
const waitingAt = (token: string): string => `kotabi.desk.${token}.answers`;

export type DeskState =
  | { at: 'loading' }
  | { at: 'there'; view: DeskView; offline: boolean; asked: string }
  /** Withdrawn, or never there. */
  | { at: 'gone'; known: boolean }
  | { at: 'no copy' };

interface Held {
  view: unknown;
  asked: string;
}

const heldCopy = (token: string): { view: DeskView; asked: string } | null => {
  const text = localStorage.getItem(heldAt(token));
  if (text === null) return null;
  const { view, asked } = JSON.parse(text) as Held;
  const read = DeskView.safeParse(view);
  return read.success ? { view: read.data, asked } : null;
};

/** Nothing of a page that was withdrawn stays in this browser. */
const forget = async (token: string): Promise<void> => {
  localStorage.removeItem(heldAt(token));
  localStorage.removeItem(waitingAt(token));
  if ('caches' in window) for (const name of await caches.keys()) await caches.delete(name);
};

const waiting = (token: string): object[] => JSON.parse(localStorage.getItem(waitingAt(token)) ?? '[]');

/** The page behind an address: as the server has it, or as it was when there was a connection last. */
export const useDesk = (token: string) => {
  const [state, setState] = useState<DeskState>({ at: 'loading' });
  const path = `/api/desk/${encodeURIComponent(token)}`;

  const sendWaiting = useCallback(async (): Promise<void> => {
    for (let list = waiting(token); list.length > 0; list = waiting(token)) {
      await request('POST', `${path}/answers`, list[0]);
      localStorage.setItem(waitingAt(token), JSON.stringify(list.slice(1)));
    }
  }, [token, path]);

  const ask = useCallback(async (): Promise<void> => {
    try {
      await sendWaiting();
      const view = DeskView.parse(await request('GET', path));
      const asked = new Date().toISOString();
      localStorage.setItem(heldAt(token), JSON.stringify({ view, asked } satisfies Held));
      setState({ at: 'there', view, offline: false, asked });
    } catch (error) {
      if (error instanceof ApiFailure && (error.status === 410 || error.status === 404)) {
        await forget(token);
        setState({ at: 'gone', known: error.status === 410 });
        return;
      }
      const copy = heldCopy(token);
      setState(copy ? { at: 'there', ...copy, offline: true } : { at: 'no copy' });
    }
  }, [token, path, sendWaiting]);

  useEffect(() => {
    void ask();
    const timer = setInterval(() => void ask(), EVERY_MS);
    const now = (): void => void ask();
    window.addEventListener('online', now);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', now);
    };
  }, [ask]);

  /** Sends an answer, or keeps it until there is a connection. True when it has arrived. */
  const answer = async (said: object): Promise<boolean> => {
    localStorage.setItem(waitingAt(token), JSON.stringify([...waiting(token), said]));
    try {
      await sendWaiting();
      await ask();
      return true;
    } catch (error) {
      // What the server refuses is not sent again and again.
      if (error instanceof ApiFailure && error.status < 500 && error.status !== 429)
        localStorage.setItem(waitingAt(token), JSON.stringify(waiting(token).slice(1)));
      return false;
    }
  };
  return { state, ask, answer };
};
