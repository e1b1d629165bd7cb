import { breathCycle } from '@kotabi/core/breath';
import { type Lead, stop } from '@kotabi/core/lead';
import type { Session } from '@kotabi/core/model';
import { doneParts } from '@kotabi/core/record';
import type { Timed } from '@kotabi/core/timing';
import { nanoid } from 'nanoid';
import { useEffect, useRef, useState } from 'react';
import { keepSession } from '../api/sessions-outbox';
import { useTitle } from '../shell/useTitle';
import { After } from './After';
import { Before } from './Before';
import { useLeadStore, useMoment } from './leadStore';
import type { LeadData } from './load';
import { Stage } from './Stage';
import { useAwake } from './useAwake';

interface Props {
  data: LeadData;
  timed: Extract<Timed, { ok: true }>;
}

const goFullScreen = (): void => {
  // Where the browser does not allow it the page already fills the window.
  document.documentElement.requestFullscreen?.().catch(() => {});
};
const leaveFullScreen = (): void => {
  if (document.fullscreenElement) document.exitFullscreen().catch(() => {});
};

/** The whole of leading: before the start, on the stage, afterwards. */
export const Leading = ({ data, timed }: Props) => {
  const { brk } = data;
  const { timeline } = timed;
  useTitle(`Leading ${brk.name}`);
  const store = useLeadStore(timeline, breathCycle(brk.pace).cycleMs);
  const { status } = useMoment(store, (s) => ({ status: s.lead.status }));
  const [mirror, setMirror] = useState(false);
  const [tension, setTension] = useState<number | null>(null);
  const [record, setRecord] = useState<Session | null>(null);
  const begun = useRef({ id: nanoid(), at: 0, date: '' });
  const underWay = status === 'running' || status === 'paused';
  const awake = useAwake(underWay);
  const over = status === 'finished' || status === 'stopped';

  /** The record of what has been led up to now. */
  const recordOf = (led: Lead): Session => {
    const { id, at, date } = begun.current;
    const ended = new Date(new Date(date).getTime() + Math.max(0, led.at - at));
    return {
      id,
      breakId: brk.id,
      breakName: brk.name,
      groupId: data.group?.id ?? null,
      startedAt: date,
      endedAt: ended.toISOString(),
      ended: led.status === 'finished' ? 'finished' : 'stopped',
      parts: doneParts(timeline, led),
      tensionBefore: tension,
      tensionAfter: null,
      note: '',
    };
  };

  if (over && !record) setRecord(recordOf(store.getState().lead));
  useEffect(() => {
    if (over) leaveFullScreen();
  }, [over]);

  // Whoever closes the page or goes elsewhere in the middle keeps the record of what was done.
  const soFar = useRef<(() => Session) | null>(null);
  soFar.current = underWay ? () => recordOf(stop(timeline, store.getState().lead, performance.now())) : null;
  useEffect(() => {
    const keep = (): void => {
      const session = soFar.current?.();
      soFar.current = null;
      if (session)
        keepSession(session, 0).catch((error: unknown) => console.error('Not kept on leaving', error));
    };
    window.addEventListener('pagehide', keep);
    return () => {
      window.removeEventListener('pagehide', keep);
      keep();
    };
  }, []);

  if (record) return <After record={record} back={data.from ?? `/breaks/${brk.id}`} />;
  if (status === 'ready')
    return (
      <Before
        data={data}
        timed={timed}
        tension={tension}
        setTension={setTension}
        mirror={mirror}
        setMirror={setMirror}
        start={() => {
          begun.current = { ...begun.current, at: performance.now(), date: new Date().toISOString() };
          goFullScreen();
          store.getState().start();
        }}
      />
    );
  return (
    <Stage data={data} timed={timed} store={store} mirror={mirror} setMirror={setMirror} awake={awake} />
  );
};
