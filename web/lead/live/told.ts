import type { Lead } from '@kotabi/core/lead';
import type { LiveLed, LiveState } from '@kotabi/core/model';
import type { Timeline } from '@kotabi/core/timing';
import { steadyNow } from './clock';

/** What others are told of a break being led: where it stood at a moment of the clock they share. */
export const toldOf = (lead: Lead, offsetMs: number, mirror: boolean, note: string): LiveState => {
  const { at, doneMs: _done, added: _added, ...led } = lead;
  // A break that stands still stands so now; one that runs stood so when its clock was read.
  const reading = lead.status === 'running' ? at + performance.timeOrigin : steadyNow();
  return { led: led as LiveLed, at: reading + offsetMs, mirror, note };
};

/** The same break here: `offsetMs` is how far the clock they share is ahead of this page's. */
export const leadOf = (timeline: Timeline, { led, at }: LiveState, offsetMs: number): Lead => ({
  ...led,
  added: [],
  doneMs: timeline.parts.map(() => 0),
  addedMs: timeline.parts.map((_, i) => led.addedMs[i] ?? 0),
  at: at - offsetMs - performance.timeOrigin,
});

/** What is worth telling of a break being led: time alone is not, every screen counts for itself. */
export const newsOf = ({ status, index, addedMs, tempo, waits }: Lead): string =>
  `${status} ${index} ${tempo} ${waits} ${addedMs.join()}`;
