import { breathCycle } from '@kotabi/core/breath';
import { viewOf } from '@kotabi/core/lead';
import type { Break, Session } from '@kotabi/core/model';
import { doneParts } from '@kotabi/core/record';
import { stepMoves } from '@kotabi/core/timing';
import { nanoid } from 'nanoid';
import { useEffect, useRef, useState } from 'react';
import type { Timed } from '../break/useTimed';
import { After } from './After';
import { Before } from './Before';
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
  const { timeline, resolved } = timed;
  const { lead, act } = useLead(timeline, breathCycle(brk.pace).cycleMs);
  const [mirror, setMirror] = useState(false);
  const [tension, setTension] = useState<number | null>(null);
  const [record, setRecord] = useState<Session | null>(null);
  const begun = useRef({ id: nanoid(), at: 0, date: '' });
  const awake = useAwake(lead.status === 'running' || lead.status === 'paused');
  const over = lead.status === 'finished' || lead.status === 'stopped';

  useEffect(() => {
    if (!over || record) return;
    leaveFullScreen();
    const { id, at, date } = begun.current;
    const ended = new Date(new Date(date).getTime() + Math.max(0, lead.at - at));
    setRecord({
      id,
      breakId: brk.id,
      breakName: brk.name,
      groupId: brk.groupId,
      startedAt: date,
      endedAt: ended.toISOString(),
      ended: lead.status === 'stopped' ? 'stopped' : 'finished',
      parts: doneParts(timeline, lead, stepMoves(resolved)),
      tensionBefore: tension,
      tensionAfter: null,
      note: '',
    });
  }, [over, record, lead, brk, timeline, resolved, tension]);

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
