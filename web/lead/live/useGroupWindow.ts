import { type LiveBreak, LiveState } from '@kotabi/core/model';
import { useEffect, useRef, useState } from 'react';
import { z } from 'zod';
import type { LeadStore } from '../leadStore';
import { newsOf, toldOf } from './told';

/** Two windows of one browser speak over this, break by break; no server is needed. */
export const channelName = (breakId: string): string => `kotabi.lead.${breakId}`;

/** What is said between them: “tell me”, what it is, where it stands, “it is over here”. */
export const WindowMessage = z.discriminatedUnion('what', [
  z.object({ what: z.literal('hello') }),
  z.object({ what: z.literal('break'), brk: z.unknown() }),
  z.object({ what: z.literal('state'), state: LiveState }),
  z.object({ what: z.literal('bye') }),
]);
export type WindowMessage = z.infer<typeof WindowMessage>;

/** Told anew so often, ms, so that a window that lost a word is right again. */
const AGAIN_MS = 2000;

/**
 * The second window, for a projector or a shared screen: opened by a press, told of every change. `there` is true while it
 * answers.
 */
export const useGroupWindow = (
  breakId: string,
  live: LiveBreak,
  store: LeadStore,
  mirror: boolean,
  note: string,
) => {
  const [there, setThere] = useState(false);
  const latest = useRef({ live, mirror, note });
  latest.current = { live, mirror, note };
  const tell = useRef<() => void>(() => {});
  useEffect(() => {
    const channel = new BroadcastChannel(channelName(breakId));
    const send = (message: WindowMessage): void => channel.postMessage(message);
    const state = (): void => {
      const { mirror: m, note: n } = latest.current;
      send({ what: 'state', state: toldOf(store.getState().lead, 0, m, n) });
    };
    tell.current = state;
    channel.onmessage = ({ data }) => {
      const message = WindowMessage.safeParse(data);
      if (!message.success) return;
      if (message.data.what === 'bye') setThere(false);
      if (message.data.what !== 'hello') return;
      setThere(true);
      send({ what: 'break', brk: latest.current.live });
      state();
    };
    let last = '';
    const unsubscribe = store.subscribe(({ lead }) => {
      const now = newsOf(lead);
      if (now === last) return;
      last = now;
      state();
    });
    const again = setInterval(state, AGAIN_MS);
    return () => {
      clearInterval(again);
      unsubscribe();
      channel.close();
    };
  }, [breakId, store]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: these are what is told
  useEffect(() => tell.current(), [mirror, note]);
  return {
    there,
    open: (): void => {
      window.open(
        `/lead/${encodeURIComponent(breakId)}/group`,
        `kotabi-group-${breakId}`,
        'popup,width=1280,height=800',
      );
    },
  };
};
