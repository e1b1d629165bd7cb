import { readyToLead, viewOf } from '@kotabi/core/lead';
import type { LiveBreak, LiveState, Move } from '@kotabi/core/model';
import { placedSteps, type Timed, type Timeline, timed } from '@kotabi/core/timing';
import { useEffect, useMemo, useState } from 'react';
import { createStore, type StoreApi } from 'zustand';
import { useClockwork, type Watched } from '../leadStore';
import { leadOf } from './told';

const EMPTY: Timeline = { parts: [], totals: { totalMs: 0, leftMs: 0, rightMs: 0, bothMs: 0 } };

/** A break that is led elsewhere, as this screen shows it. It goes on by itself between two words, and without any. */
export const useFollowed = (what: LiveBreak | null, state: LiveState | null, offsetMs: number) => {
  const made = useMemo(() => {
    if (!what) return null;
    const moves = new Map<string, Move>(what.moves.map((m) => [m.id, m]));
    const lookup = (id: string): Move | undefined => moves.get(id);
    const result: Timed = timed(what.brk, lookup, what.approach);
    if (!result.ok) return null;
    const steps = new Map(placedSteps(result.resolved).map((s) => [s.step.id, s]));
    return { timeline: result.timeline, steps, lookup };
  }, [what]);
  const timeline = made?.timeline ?? EMPTY;
  const [store] = useState<StoreApi<Watched>>(() => {
    const lead = readyToLead(EMPTY);
    return createStore<Watched>(() => ({ lead, view: viewOf(EMPTY, lead) }));
  });
  useEffect(() => {
    const lead = state ? leadOf(timeline, state, offsetMs) : readyToLead(timeline);
    store.setState({ lead, view: viewOf(timeline, lead) });
  }, [store, timeline, state, offsetMs]);
  useClockwork(store, timeline);
  return { made, store };
};
