import type { Milliseconds } from '../model';
import { isWork, type Timeline, type WorkPart } from '../timing';

/** A reading of a steady clock, in milliseconds; only differences of it are used. */
export type ClockMs = number;

/** Counting 3-2-1 before the first part. */
export const COUNT_IN_MS = 3000;
/** Going back within this time of a part's start goes to the part before it. Common practice, no source. */
const BACK_GRACE_MS = 1500;

/**
 * A break being led. Times are taken from clock differences, so a hidden tab loses nothing. `doneMs` and
 * `addedMs` hold, for every part of the timeline, what was really spent in it and what was added to it.
 */
export interface Lead {
  status: 'ready' | 'running' | 'paused' | 'finished' | 'stopped';
  /** Part that is led; -1 while counting in. */
  index: number;
  /** Time into that part. */
  elapsedMs: Milliseconds;
  /** Clock reading up to which time has been accounted for. */
  at: ClockMs;
  doneMs: readonly Milliseconds[];
  addedMs: readonly Milliseconds[];
}

/** A break about to be led. */
export const readyToLead = (timeline: Timeline): Lead => ({
  status: 'ready',
  index: -1,
  elapsedMs: 0,
  at: 0,
  doneMs: timeline.parts.map(() => 0),
  addedMs: timeline.parts.map(() => 0),
});

/** Length of a part as it is led, what was added included; the count-in is part -1. An open hold is as long as it lasts. */
export const ledLengthMs = (timeline: Timeline, lead: Lead, index: number): Milliseconds => {
  if (index < 0) return COUNT_IN_MS;
  const planned = (timeline.parts[index]?.lengthMs ?? 0) + (lead.addedMs[index] ?? 0);
  return isOpen(timeline, index) && index === lead.index ? Math.max(planned, lead.elapsedMs) : planned;
};

/** True for a hold that lasts until the instructor goes on. */
const isOpen = (timeline: Timeline, index: number): boolean => {
  const part = timeline.parts[index];
  return part?.kind === 'work' && part.open === true;
};

/** Accounts for the time since the last reading, through as many parts as it takes. */
export const advance = (timeline: Timeline, lead: Lead, now: ClockMs): Lead => {
  if (lead.status !== 'running') return lead;
  let passed = Math.max(0, now - lead.at);
  let { index, elapsedMs } = lead;
  const doneMs = [...lead.doneMs];
  while (index < timeline.parts.length) {
    // An open hold ends with a key, not with the clock.
    const left = isOpen(timeline, index)
      ? Number.POSITIVE_INFINITY
      : Math.max(0, ledLengthMs(timeline, lead, index) - elapsedMs);
    const spent = Math.min(left, passed);
    if (index >= 0) doneMs[index] = (doneMs[index] ?? 0) + spent;
    if (passed < left) {
      elapsedMs += passed;
      break;
    }
    passed -= spent;
    index += 1;
    elapsedMs = 0;
  }
  const over = index >= timeline.parts.length;
  const at = Math.max(lead.at, now) - (over ? passed : 0);
  return { ...lead, status: over ? 'finished' : 'running', index, elapsedMs, doneMs, at };
};

/** Starts counting in. */
export const start = (lead: Lead, now: ClockMs): Lead =>
  lead.status === 'ready' ? { ...lead, status: 'running', at: now } : lead;

export const pause = (timeline: Timeline, lead: Lead, now: ClockMs): Lead => {
  const here = advance(timeline, lead, now);
  return here.status === 'running' ? { ...here, status: 'paused' } : here;
};

export const resume = (lead: Lead, now: ClockMs): Lead =>
  lead.status === 'paused' ? { ...lead, status: 'running', at: now } : lead;

const isUnderWay = (lead: Lead): boolean => lead.status === 'running' || lead.status === 'paused';

const goTo = (timeline: Timeline, lead: Lead, index: number): Lead =>
  index >= timeline.parts.length
    ? { ...lead, status: 'finished', index: timeline.parts.length, elapsedMs: 0 }
    : { ...lead, index, elapsedMs: 0 };

/** Leaves the rest of this part out and goes on with the next one. */
export const skip = (timeline: Timeline, lead: Lead, now: ClockMs): Lead => {
  const here = advance(timeline, lead, now);
  return isUnderWay(here) ? goTo(timeline, here, here.index + 1) : here;
};

/** Leaves the rest of this step out. */
export const skipStep = (timeline: Timeline, lead: Lead, now: ClockMs): Lead => {
  const here = advance(timeline, lead, now);
  if (!isUnderWay(here)) return here;
  const stepId = timeline.parts[here.index]?.stepId;
  const next = timeline.parts.findIndex((p, i) => i > here.index && p.stepId !== stepId);
  return goTo(timeline, here, next < 0 ? timeline.parts.length : next);
};

/** Does this part again from its start; pressed right at the start, the part before. */
export const back = (timeline: Timeline, lead: Lead, now: ClockMs): Lead => {
  const here = advance(timeline, lead, now);
  if (!isUnderWay(here)) return here;
  const index = here.elapsedMs > BACK_GRACE_MS ? here.index : Math.max(0, here.index - 1);
  return goTo(timeline, here, Math.max(0, index));
};

/** The same work on the other side, still to come, that owes this part the same. */
const twinOf = (timeline: Timeline, part: WorkPart): WorkPart | undefined =>
  timeline.parts
    .filter(isWork)
    .find(
      (p) =>
        p.index > part.index &&
        p.stepId === part.stepId &&
        p.side !== part.side &&
        p.set === part.set &&
        p.direction === part.direction &&
        p.firstRep === part.firstRep,
    );

/** How much longer a press makes it: what is left of a range, else one breath. */
const moreOf = (part: WorkPart, addedMs: Milliseconds, cycleMs: Milliseconds): Milliseconds =>
  part.moreMs !== undefined && addedMs < part.moreMs ? part.moreMs - addedMs : cycleMs;

/**
 * Holds on for one more breath, or, of a range, to its upper end. The other side, when it is still to come, gets the same, so that a kind moment
 * on the first side does not leave the second one short. Only work can be extended.
 */
export const extendByBreath = (timeline: Timeline, lead: Lead, now: ClockMs, cycleMs: Milliseconds): Lead => {
  const here = advance(timeline, lead, now);
  const part = timeline.parts[here.index];
  if (!isUnderWay(here) || part?.kind !== 'work') return here;
  const twin = part.side ? twinOf(timeline, part) : undefined;
  const more = moreOf(part, here.addedMs[part.index] ?? 0, part.breath?.cycleMs ?? cycleMs);
  const addedMs = here.addedMs.map((ms, i) => (i === part.index || i === twin?.index ? ms + more : ms));
  return { ...here, addedMs };
};

/** Ends the break where it stands. */
export const stop = (timeline: Timeline, lead: Lead, now: ClockMs): Lead => {
  const here = advance(timeline, lead, now);
  return isUnderWay(here) ? { ...here, status: 'stopped' } : here;
};
