import {
  LiveCommand as Command,
  type LiveBreak,
  type LiveCommand,
  LivePresence,
  type LiveRoom,
} from '@kotabi/core/model';
import { useEffect, useRef, useState } from 'react';
import { messageOf, request } from '../../api/client';
import type { LeadStore } from '../leadStore';
import { measureOffset, steadyNow } from './clock';
import { newsOf, toldOf } from './told';

/** Told anew so often, ms, so that a server that lost it has it again, and knows that somebody leads. */
const AGAIN_MS = 5000;

/** A break that is shared with other screens, as whoever leads it knows it. */
export interface Shared {
  room: LiveRoom | null;
  presence: LivePresence;
  /** The code by which one phone joins as a remote; null where none counts. */
  code: string | null;
  problem: string | null;
  open: () => Promise<void>;
  newCode: () => Promise<void>;
  revoke: () => Promise<void>;
  close: () => Promise<void>;
}

/**
 * Shares a break with every screen that has its address, and with remotes that were let in. What is led goes on whatever
 * becomes of the server; when it answers again it is told where things stand.
 */
export const useShare = (
  live: LiveBreak,
  /** The group it is led for: its pages say that they can join. */
  groupId: string | null,
  store: LeadStore,
  mirror: boolean,
  note: string,
  obey: (command: LiveCommand) => void,
): Shared => {
  const [room, setRoom] = useState<LiveRoom | null>(null);
  const [presence, setPresence] = useState<LivePresence>({ screens: 0, remotes: 0 });
  const [code, setCode] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const offset = useRef(0);
  const latest = useRef({ mirror, note, obey });
  latest.current = { mirror, note, obey };
  const tell = useRef<() => void>(() => {});

  useEffect(() => {
    if (!room) return;
    const path = `/api/live/${room.id}`;
    const send = (): void => {
      const { mirror: m, note: n } = latest.current;
      request('PUT', path, toldOf(store.getState().lead, offset.current, m, n)).then(
        () => setProblem(null),
        (error: unknown) => setProblem(messageOf(error)),
      );
    };
    tell.current = send;
    send();
    let last = '';
    const unsubscribe = store.subscribe(({ lead }) => {
      const now = newsOf(lead);
      if (now === last) return;
      last = now;
      send();
    });
    const again = setInterval(send, AGAIN_MS);
    const events = new EventSource(path);
    events.addEventListener('command', ({ data }) => {
      const command = Command.safeParse(JSON.parse(data));
      if (command.success) latest.current.obey(command.data);
    });
    events.addEventListener('presence', ({ data }) => {
      const there = LivePresence.safeParse(JSON.parse(data));
      if (!there.success) return;
      setPresence(there.data);
      // Whoever has come in by the code has used it up.
      if (there.data.remotes > 0) setCode(null);
    });
    return () => {
      events.close();
      clearInterval(again);
      unsubscribe();
      tell.current = () => {};
    };
  }, [room, store]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: these are what is told
  useEffect(() => tell.current(), [mirror, note]);

  const doing = async (work: () => Promise<void>): Promise<void> => {
    try {
      await work();
      setProblem(null);
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  const made = async (): Promise<LiveRoom> => {
    if (room) return room;
    const ask = async (): Promise<number> => (await request<{ now: number }>('GET', '/api/clock')).now;
    offset.current = (await measureOffset(ask, steadyNow)).offsetMs;
    const opened = await request<LiveRoom>('POST', `/api/live${groupId ? `?group=${groupId}` : ''}`, live);
    setRoom(opened);
    return opened;
  };
  return {
    room,
    presence,
    code,
    problem,
    open: () => doing(async () => void (await made())),
    newCode: () =>
      doing(async () => {
        const { id } = await made();
        setCode((await request<{ code: string }>('POST', `/api/live/${id}/remote`)).code);
      }),
    revoke: () =>
      doing(async () => {
        setCode(null);
        if (room) await request('DELETE', `/api/live/${room.id}/remote`);
      }),
    close: () =>
      doing(async () => {
        const was = room;
        setRoom(null);
        setCode(null);
        if (was) await request('DELETE', `/api/live/${was.id}`);
      }),
  };
};
