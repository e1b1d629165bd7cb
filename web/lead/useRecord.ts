import { type Lead, stop } from '@kotabi/core/lead';
import { type LedState, type Session, Session as SessionSchema } from '@kotabi/core/model';
import { doneParts } from '@kotabi/core/record';
import { type ResolvedBreak, stepMoves, type Timeline } from '@kotabi/core/timing';
import { nanoid } from 'nanoid';
import { useEffect, useRef, useState } from 'react';
import { keepSession } from '../api/sessions-outbox';
import type { LeadStore } from './leadStore';
import type { LeadData } from './load';
import { clearUnderWay, saveUnderWay, type UnderWay } from './under-way';

/** What a record says beside its parts: who came, what happened, how tense they were. */
export type Told = Pick<Session, 'came' | 'events' | 'tensionBefore' | 'fingers' | 'areas'>;
const NOTHING_TOLD: Told = {
  came: { people: [], count: null },
  events: [],
  tensionBefore: null,
  fingers: { before: [], after: [] },
  areas: [],
};

/** Where it stands is written down so often, ms; a change of part at once. */
const SAVE_MS = 1000;

const underWay = ({ status }: Pick<Lead, 'status'>): boolean => status === 'running' || status === 'paused';
const failed = (error: unknown): void => console.error('A piece of the record was not taken', error);

/**
 * Keeps the record of what is led, piece by piece while it is led: each part as it ends, whatever is told as it is told.
 * At any moment what is kept is true; who reloads goes on with the same record.
 */
export const useRecord = (
  data: LeadData,
  { resolved, timeline }: { resolved: ResolvedBreak; timeline: Timeline },
  store: LeadStore,
  mirror: boolean,
) => {
  const [told, setTold] = useState<Told>(NOTHING_TOLD);
  const run = useRef<{ id: string; startedAt: string } | null>(null);
  const begin = (): void => {
    run.current = { id: nanoid(), startedAt: new Date().toISOString() };
  };
  const goOn = ({ session }: UnderWay): void => {
    run.current = { id: session.id, startedAt: session.startedAt };
    const { came, events, tensionBefore, fingers, areas } = session;
    setTold({ came, events, tensionBefore, fingers, areas });
  };

  /** The record of what has been led up to now; null before anything was. */
  const recordOf = (lead: Lead): Session | null =>
    run.current &&
    SessionSchema.parse({
      ...run.current,
      breakId: data.brk.id,
      breakName: data.brk.name,
      groupId: data.group?.id ?? null,
      plannedId: data.planned,
      endedAt: new Date().toISOString(),
      ended: lead.status === 'finished' ? 'finished' : 'stopped',
      parts: doneParts(resolved, timeline, lead),
      tensionAfter: null,
      ...told,
    });
  const latest = useRef({ recordOf, mirror });
  latest.current = { recordOf, mirror };

  useEffect(() => {
    let sent = -1;
    let savedAt = 0;
    const save = (lead: Lead): void => {
      const session = latest.current.recordOf(lead);
      if (!session || lead.index < 0 || !underWay(lead)) return;
      savedAt = Date.now();
      const { at: _, ...led } = lead;
      saveUnderWay({ session, led: led as LedState, mirror: latest.current.mirror, savedAt });
    };
    const look = (lead: Lead): void => {
      if (!run.current || lead.index < 0 || !underWay(lead)) return;
      if (lead.index !== sent) {
        const session = latest.current.recordOf(lead);
        // The first piece has all of the plan, so that what is kept is whole from then on.
        const changed =
          sent < 0 ? undefined : { from: Math.min(sent, lead.index), until: Math.max(sent, lead.index) + 1 };
        sent = lead.index;
        if (session) keepSession(session, changed).catch(failed);
        save(lead);
      } else if (Date.now() - savedAt >= SAVE_MS || lead.status === 'paused') save(lead);
    };
    const unsubscribe = store.subscribe(({ lead }, before) => {
      if (lead !== before.lead) look(lead);
    });
    // Whoever closes the page or goes elsewhere in the middle keeps the record of what was done.
    const leave = (): void => {
      const { lead } = store.getState();
      if (!underWay(lead) || lead.index < 0) return;
      save(lead);
      const session = latest.current.recordOf(stop(timeline, lead, performance.now()));
      if (session)
        keepSession(session, { from: lead.index, until: lead.index + 1, closing: true }).catch(failed);
    };
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      unsubscribe();
    };
  }, [store, timeline]);

  // What is told is kept when it is told, with none of the parts.
  const { lead } = store.getState();
  // biome-ignore lint/correctness/useExhaustiveDependencies: only what is told sets this going
  useEffect(() => {
    if (!run.current || lead.index < 0 || !underWay(lead)) return;
    const session = recordOf(lead);
    if (session) keepSession(session, { from: 0, until: 0 }).catch(failed);
  }, [told]);

  return {
    told,
    tell: (more: Partial<Told>): void => setTold((t) => ({ ...t, ...more })),
    begin,
    goOn,
    recordOf,
    /** The move of a step; null where there is none. */
    moveOf: (stepId: string): string | null => stepMoves(resolved)(stepId)?.id ?? null,
    /** It is over: nothing is left to be gone on with. */
    done: clearUnderWay,
  };
};
export type Recorder = ReturnType<typeof useRecord>;
