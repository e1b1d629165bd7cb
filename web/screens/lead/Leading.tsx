import { breathCycle } from '@kotabi/core/breath';
import { type Lead, stop, viewOf } from '@kotabi/core/lead';
import type { Break, Session } from '@kotabi/core/model';
import { doneParts } from '@kotabi/core/record';
import type { Timed } from '@kotabi/core/review';
import { stepMoves } from '@kotabi/core/timing';
import { nanoid } from 'nanoid';
import { useEffect, useRef, useState } from 'react';
import { useTitle } from '../../shell/useTitle';
import { After } from './After';
import { Before } from './Before';
import { keepSession } from './outbox';
import { Stage } from './Stage';
import { useAwake } from './useAwake';
import { useLead } from './useLead';

interface Props {
  brk: Break;
  timed: Extract<Timed, { ok: true }>;
  groupName: string | null;
  leave: () => void;
}

const goFullScreen = (): void => {
  // Where the browser does not allow it the page already fills the window.
  document.documentElement.requestFullscreen?.().catch(() => {});
};
const leaveFullScreen = (): void => {
  if (document.fullscreenElement) document.exitFullscreen().catch(() => {});
};

/** The whole of leading: before the start, on the stage, afterwards. */
export const Leading = ({ brk, timed, groupName, leave }: Props) => {
  useTitle(`Leading ${brk.name}`);
  const { timeline, resolved } = timed;
  const { lead, act } = useLead(timeline, breathCycle(brk.pace).cycleMs);
  const [mirror, setMirror] = useState(false);
  const [tension, setTension] = useState<number | null>(null);
  const [record, setRecord] = useState<Session | null>(null);
  const begun = useRef({ id: nanoid(), at: 0, date: '' });
  const awake = useAwake(lead.status === 'running' || lead.status === 'paused');
  const over = lead.status === 'finished' || lead.status === 'stopped';

  /** The record of what has been led up to now. */
  const recordOf = (led: Lead): Session => {
    const { id, at, date } = begun.current;
    const ended = new Date(new Date(date).getTime() + Math.max(0, led.at - at));
    return {
      id,
      breakId: brk.id,
      breakName: brk.name,
      groupId: brk.groupId,
      startedAt: date,
      endedAt: ended.toISOString(),
      ended: led.status === 'finished' ? 'finished' : 'stopped',
      parts: doneParts(timeline, led, stepMoves(resolved)),
      tensionBefore: tension,
      tensionAfter: null,
      note: '',
    };
  };

  if (over && !record) setRecord(recordOf(lead));
  useEffect(() => {
    if (over) leaveFullScreen();
  }, [over]);

  // Whoever closes the page or goes elsewhere in the middle keeps the record of what was done.
  const underWay = useRef<(() => Session) | null>(null);
  underWay.current =
    lead.status === 'running' || lead.status === 'paused'
      ? () => recordOf(stop(timeline, lead, performance.now()))
      : null;
  useEffect(() => {
    const keep = (): void => {
      const session = underWay.current?.();
      underWay.current = null;
      if (session)
        keepSession(session, 0).catch((error: unknown) => console.error('Not kept on leaving', error));
    };
    window.addEventListener('pagehide', keep);
    return () => {
      window.removeEventListener('pagehide', keep);
      keep();
    };
  }, []);

  if (record) return <After record={record} leave={leave} />;
  if (lead.status === 'ready')
    return (
      <Before
        brk={brk}
        timed={timed}
        groupName={groupName}
        tension={tension}
        setTension={setTension}
        mirror={mirror}
        setMirror={setMirror}
        leave={leave}
        start={() => {
          begun.current = { ...begun.current, at: performance.now(), date: new Date().toISOString() };
          goFullScreen();
          act.start();
        }}
      />
    );
  return (
    <Stage
      brk={brk}
      approach={resolved.approach}
      timeline={timeline}
      moveOf={stepMoves(resolved)}
      lead={lead}
      view={viewOf(timeline, lead)}
      act={act}
      mirror={mirror}
      setMirror={setMirror}
      awake={awake}
    />
  );
};
