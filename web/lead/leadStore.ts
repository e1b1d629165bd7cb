import {
  advance,
  back,
  changeTempo,
  extendByBreath,
  type Lead,
  type LeadView,
  pause,
  readyToLead,
  resume,
  skip,
  skipStep,
  start,
  stop,
  takeBackBreath,
  viewOf,
  waitForMe,
} from '@kotabi/core/lead';
import type { Timeline } from '@kotabi/core/timing';
import { useEffect, useState } from 'react';
import { createStore, type StoreApi, useStore } from 'zustand';
import { useShallow } from 'zustand/react/shallow';
import { useLessMotion } from '../figure/useLessMotion';

/** A steady clock; only its differences are used, so a hidden or slow tab loses nothing. */
const now = (): number => performance.now();

/** A break being led at this moment, as it is seen. */
export interface Watched {
  lead: Lead;
  view: LeadView;
}
/** What tells of a break being led, to whoever only looks. */
export type WatchedStore = Pick<StoreApi<Watched>, 'getState' | 'getInitialState' | 'subscribe'>;

/** The same, and everything that can be done to it. */
export interface LeadState extends Watched {
  start: () => void;
  pause: () => void;
  resume: () => void;
  skip: () => void;
  skipStep: () => void;
  back: () => void;
  breath: () => void;
  takeBack: () => void;
  /** Breaths slower (1) or faster (-1) from here on. */
  tempo: (by: 1 | -1) => void;
  waitForMe: (waits: boolean) => void;
  stop: () => void;
  /** Goes on with what was interrupted; it stands still at first. */
  takeUp: (lead: Lead) => void;
}
export type LeadStore = StoreApi<LeadState>;

const createLead = (timeline: Timeline, cycleMs: number): LeadStore =>
  createStore<LeadState>((set, get) => {
    const to = (change: (lead: Lead) => Lead): void => {
      const lead = change(get().lead);
      if (lead !== get().lead) set({ lead, view: viewOf(timeline, lead) });
    };
    const lead = readyToLead(timeline);
    return {
      lead,
      view: viewOf(timeline, lead),
      start: () => to((l) => start(l, now())),
      pause: () => to((l) => pause(timeline, l, now())),
      resume: () => to((l) => resume(l, now())),
      skip: () => to((l) => skip(timeline, l, now())),
      skipStep: () => to((l) => skipStep(timeline, l, now())),
      back: () => to((l) => back(timeline, l, now())),
      breath: () => to((l) => extendByBreath(timeline, l, now(), cycleMs)),
      takeBack: () => to((l) => takeBackBreath(timeline, l, now())),
      tempo: (by) => to((l) => changeTempo(timeline, l, now(), by)),
      waitForMe: (waits) => to((l) => waitForMe(timeline, l, now(), waits)),
      stop: () => to((l) => stop(timeline, l, now())),
      takeUp: (kept) => to(() => kept),
    };
  });

/** Where the system asks for less motion: often enough for a count to be in time. */
const CALM_MS = 50;
/** Frames rest while the tab is hidden; the end of the break must be seen all the same. */
const HIDDEN_MS = 1000;

/** Keeps what is watched up with the clock: every frame while it is seen, every second while it is not. */
export const useClockwork = (
  store: WatchedStore & Pick<StoreApi<Watched>, 'setState'>,
  timeline: Timeline,
): void => {
  const running = useStore(store, (s) => s.lead.status === 'running');
  const calm = useLessMotion();
  useEffect(() => {
    if (!running) return;
    const look = (): void => {
      const { lead } = store.getState();
      const next = advance(timeline, lead, now());
      if (next !== lead) store.setState({ lead: next, view: viewOf(timeline, next) });
    };
    let frame = 0;
    const tick = (): void => {
      frame = requestAnimationFrame(tick);
      look();
    };
    if (!calm) frame = requestAnimationFrame(tick);
    const slow = setInterval(look, calm ? CALM_MS : HIDDEN_MS);
    return () => {
      cancelAnimationFrame(frame);
      clearInterval(slow);
    };
  }, [store, timeline, running, calm]);
};

/** A break that is led here. */
export const useLeadStore = (timeline: Timeline, cycleMs: number): LeadStore => {
  const [store] = useState(() => createLead(timeline, cycleMs));
  useClockwork(store as unknown as StoreApi<Watched>, timeline);
  return store;
};

/** What a part of the screen needs of the moment; it is drawn anew only when one of these changes. */
export const useMoment = <T extends object>(store: WatchedStore, pick: (state: Watched) => T): T =>
  useStore(store, useShallow(pick));
