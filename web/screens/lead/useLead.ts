import {
  advance,
  back,
  extendByBreath,
  type Lead,
  pause,
  readyToLead,
  resume,
  skip,
  skipStep,
  start,
  stop,
} from '@kotabi/core/lead';
import type { Timeline } from '@kotabi/core/timing';
import { useCallback, useEffect, useMemo, useState } from 'react';

/** A steady clock; only its differences are used, so a hidden or slow tab loses nothing. */
const now = (): number => performance.now();

/** A break being led: its state at this moment and everything that can be done to it. */
export const useLead = (timeline: Timeline, cycleMs: number) => {
  const [lead, setLead] = useState<Lead>(() => readyToLead(timeline));
  const look = useCallback(() => setLead((l) => advance(timeline, l, now())), [timeline]);

  useEffect(() => {
    if (lead.status !== 'running') return;
    let frame = 0;
    const tick = (): void => {
      look();
      frame = requestAnimationFrame(tick);
    };
    frame = requestAnimationFrame(tick);
    // Frames rest while the tab is hidden; the end of the break must be seen all the same.
    const slow = setInterval(look, 1000);
    return () => {
      cancelAnimationFrame(frame);
      clearInterval(slow);
    };
  }, [lead.status, look]);

  const act = useMemo(
    () => ({
      start: () => setLead((l) => start(l, now())),
      pause: () => setLead((l) => pause(timeline, l, now())),
      resume: () => setLead((l) => resume(l, now())),
      skip: () => setLead((l) => skip(timeline, l, now())),
      skipStep: () => setLead((l) => skipStep(timeline, l, now())),
      back: () => setLead((l) => back(timeline, l, now())),
      breath: () => setLead((l) => extendByBreath(timeline, l, now(), cycleMs)),
      stop: () => setLead((l) => stop(timeline, l, now())),
    }),
    [timeline, cycleMs],
  );
  return { lead, act };
};
