import { LiveBreak, LiveState } from '@kotabi/core/model';
import { useEffect, useState } from 'react';
import { z } from 'zod';
import { ApiFailure, messageOf, request } from '../../api/client';
import { measureOffset, steadyNow } from './clock';

const Told = z.object({ state: LiveState.nullable(), now: z.number() });
const Whole = Told.extend({ what: LiveBreak });
/** After so long it is tried again where the server did not answer. */
const AGAIN_MS = 2000;

/** A break that is led elsewhere, as this screen was told of it. */
export interface Live {
  what: LiveBreak | null;
  state: LiveState | null;
  /** How far the server’s clock is ahead of this one. */
  offsetMs: number;
  /** The server is gone for now: what is shown goes on by itself. */
  alone: boolean;
  /** Null while it is shared; else empty where it was ended, or why it cannot be followed. */
  ended: string | null;
}
const NOTHING: Live = { what: null, state: null, offsetMs: 0, alone: false, ended: null };

/** Follows a break at its address: the clocks are compared, then each change is told. Who comes late comes in at the right moment. */
export const useLive = (path: string): Live => {
  const [live, setLive] = useState<Live>(NOTHING);
  useEffect(() => {
    const change = (more: Partial<Live>): void => setLive((before) => ({ ...before, ...more }));
    let events: EventSource | null = null;
    let gone = false;
    const begin = async (): Promise<void> => {
      try {
        const ask = async (): Promise<number> => (await request<{ now: number }>('GET', '/api/clock')).now;
        const { offsetMs } = await measureOffset(ask, steadyNow);
        const { what, state } = Whole.parse(await request('GET', path));
        if (gone) return;
        change({ what, state, offsetMs });
        events = new EventSource(path);
        events.addEventListener('state', ({ data }) => {
          const told = Told.safeParse(JSON.parse(data));
          change({ alone: false, ...(told.success && { state: told.data.state }) });
        });
        events.addEventListener('gone', () => {
          events?.close();
          change({ ended: '' });
        });
        events.onerror = () => change({ alone: true });
      } catch (error) {
        if (gone) return;
        if (error instanceof ApiFailure && error.status === 404) change({ ended: messageOf(error) });
        else setTimeout(() => !gone && void begin(), AGAIN_MS);
      }
    };
    setLive(NOTHING);
    void begin();
    return () => {
      gone = true;
      events?.close();
    };
  }, [path]);
  return live;
};
