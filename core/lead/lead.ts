import type { LedState, Milliseconds } from '../model';
import { isWork, type Timeline, type WorkPart } from '../timing';

/** A reading of a steady clock, in milliseconds; only differences of it are used. */
export type ClockMs = number;

/** Counting 3-2-1 before the first part. */
export const COUNT_IN_MS = 3000;
/** Going back within this time of a part's start goes to the part before it. Common practice, no source. */
const BACK_GRACE_MS = 1500;

/** Breaths can be led so much slower and faster than written. Common practice, no source. */
const SLOWEST = 1.6;
const FASTEST = 0.7;
/** One press makes a breath so much longer or shorter. */
const TEMPO_STEP = 0.1;

/**
 * A break being led. Times are taken from clock differences, so a hidden tab loses nothing. `doneMs` and
 * `addedMs` hold, for every part of the timeline, what was really spent in it and what was added to it.
 */
export interface Lead extends Readonly<LedState> {
  /** Clock reading up to which time has been accounted for. */
  at: ClockMs;
}

/** A break about to be led. */
export const readyToLead = (timeline: Timeline): Lead => ({
  status: 'ready',
  index: -1,
  elapsedMs: 0,
  at: 0,
  doneMs: timeline.parts.map(() => 0),
  addedMs: timeline.parts.map(() => 0),
  added: [],
  tempo: 1,
  waits: false,
  waiting: false,
});

/**
 * A break that was interrupted, as it was kept: it stands still where it was. One that had run on is at most where its
 * clock had come to. Null where it belongs to another timeline, or is over.
 */
export const takenUp = (timeline: Timeline, kept: LedState): Lead | null => {
  const fits = kept.doneMs.length === timeline.parts.length && kept.addedMs.length === timeline.parts.length;
  const underWay = kept.status === 'running' || kept.status === 'paused';
  return fits && underWay && kept.index < timeline.parts.length ? { ...kept, status: 'paused', at: 0 } : null;
};

/** How much longer a part lasts because breaths are led slower; 1 where no breath is led. */
export const stretchOf = (timeline: Timeline, lead: Pick<Lead, 'tempo'>, index: number): number => {
  const part = timeline.parts[index];
  return part?.kind === 'work' && part.breath ? lead.tempo : 1;
};

/** Length of a part as it is led, what was added included; the count-in is part -1. An open hold is as long as it lasts. */
export const ledLengthMs = (timeline: Timeline, lead: Lead, index: number): Milliseconds => {
  if (index < 0) return COUNT_IN_MS;
  const written = (timeline.parts[index]?.lengthMs ?? 0) * stretchOf(timeline, lead, index);
  const planned = Math.round(written) + (lead.addedMs[index] ?? 0);
  if (index !== lead.index || !isOpen(timeline, index)) return planned;
  return lead.endsMs ?? Math.max(planned, lead.elapsedMs);
};

/** True for a hold that lasts until the instructor goes on. */
const isOpen = (timeline: Timeline, index: number): boolean => {
  const part = timeline.parts[index];
  return part?.kind === 'work' && part.open === true;
};

/** True while an open hold is held and nobody has gone on: when it ends is not known. */
export const isHeldOpen = (timeline: Timeline, lead: Pick<Lead, 'index' | 'endsMs'>): boolean =>
  isOpen(timeline, lead.index) && lead.endsMs === undefined;

/** How long an open hold goes on after the key: so long that the words that lead out of it begin with it. */
const leadOutMs = (timeline: Timeline, index: number): Milliseconds => {
  const part = timeline.parts[index];
  const out = part?.lines.find((l) => l.role === 'back');
  return part && out ? part.lengthMs - out.atMs : 0;
};

/** The same in another part, where no open hold is about to end. */
const elsewhere = ({ endsMs: _, ...lead }: Lead): Lead => lead;

/** True for the first part of a step that follows another one. */
const beginsStep = ({ parts }: Timeline, index: number): boolean =>
  index > 0 && index < parts.length && parts[index]?.stepId !== parts[index - 1]?.stepId;

/** Accounts for the time since the last reading, through as many parts as it takes. */
export const advance = (timeline: Timeline, lead: Lead, now: ClockMs): Lead => {
  if (lead.status !== 'running') return lead;
  let passed = Math.max(0, now - lead.at);
  let { index, elapsedMs } = lead;
  const doneMs = [...lead.doneMs];
  while (index < timeline.parts.length) {
    // An open hold ends with a key, not with the clock.
    const held = isOpen(timeline, index) && (index !== lead.index || lead.endsMs === undefined);
    const left = held
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
    if (lead.waits && beginsStep(timeline, index))
      return {
        ...elsewhere(lead),
        status: 'paused',
        waiting: true,
        index,
        elapsedMs,
        doneMs,
        at: Math.max(lead.at, now),
      };
  }
  const over = index >= timeline.parts.length;
  const at = Math.max(lead.at, now) - (over ? passed : 0);
  const still = index === lead.index ? lead : elsewhere(lead);
  return { ...still, status: over ? 'finished' : 'running', index, elapsedMs, doneMs, at };
};

/** Starts counting in. */
export const start = (lead: Lead, now: ClockMs): Lead =>
  lead.status === 'ready' ? { ...lead, status: 'running', at: now } : lead;

export const pause = (timeline: Timeline, lead: Lead, now: ClockMs): Lead => {
  const here = advance(timeline, lead, now);
  return here.status === 'running' ? { ...here, status: 'paused' } : here;
};

export const resume = (lead: Lead, now: ClockMs): Lead =>
  lead.status === 'paused' ? { ...lead, status: 'running', waiting: false, at: now } : lead;

/** Lets it wait before each step, or no longer; where it waits just then it goes on. */
export const waitForMe = (timeline: Timeline, lead: Lead, now: ClockMs, waits: boolean): Lead => {
  const here = { ...advance(timeline, lead, now), waits };
  return !waits && here.waiting ? resume(here, now) : here;
};

/** Leads breaths slower (1) or faster (-1) from now on; the breath that is led goes on where it is. */
export const changeTempo = (timeline: Timeline, lead: Lead, now: ClockMs, by: 1 | -1): Lead => {
  const here = advance(timeline, lead, now);
  const wished = Math.round((here.tempo + by * TEMPO_STEP) * 10) / 10;
  const tempo = Math.min(SLOWEST, Math.max(FASTEST, wished));
  const factor = stretchOf(timeline, { tempo }, here.index) / stretchOf(timeline, here, here.index);
  const elapsedMs = here.elapsedMs * factor;
  const ends = here.endsMs !== undefined && { endsMs: here.endsMs + elapsedMs - here.elapsedMs };
  return { ...here, tempo, elapsedMs, ...ends };
};

const isUnderWay = (lead: Lead): boolean => lead.status === 'running' || lead.status === 'paused';

const goTo = (timeline: Timeline, lead: Lead, index: number): Lead =>
  index >= timeline.parts.length
    ? { ...elsewhere(lead), status: 'finished', waiting: false, index: timeline.parts.length, elapsedMs: 0 }
    : { ...elsewhere(lead), index, elapsedMs: 0 };

/** Leaves the rest of this part out and goes on with the next one. From an open hold it goes with the words that lead out of it. */
export const skip = (timeline: Timeline, lead: Lead, now: ClockMs): Lead => {
  const here = advance(timeline, lead, now);
  if (!isUnderWay(here)) return here;
  const outMs = here.status === 'running' && isHeldOpen(timeline, here) ? leadOutMs(timeline, here.index) : 0;
  // A little more, so that these words come due after the key and not with it.
  if (outMs > 0) return { ...here, endsMs: here.elapsedMs + outMs + 1 };
  return goTo(timeline, here, here.index + 1);
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
  const breathMs = (part.breath?.cycleMs ?? cycleMs) * stretchOf(timeline, here, part.index);
  const ms = Math.round(moreOf(part, here.addedMs[part.index] ?? 0, breathMs));
  const parts = twin ? [part.index, twin.index] : [part.index];
  const addedMs = here.addedMs.map((had, i) => (parts.includes(i) ? had + ms : had));
  return { ...here, addedMs, added: [...here.added, { parts, ms }] };
};

/** Takes the last breath that was added back, on both sides; what was held already stays held. */
export const takeBackBreath = (timeline: Timeline, lead: Lead, now: ClockMs): Lead => {
  const here = advance(timeline, lead, now);
  const last = here.added.at(-1);
  if (!isUnderWay(here) || !last) return here;
  // What lies behind is done; only what is still to come can become shorter.
  const ahead = last.parts.filter((i) => i >= here.index);
  if (ahead.length === 0) return here;
  const addedMs = here.addedMs.map((had, i) => (ahead.includes(i) ? Math.max(0, had - last.ms) : had));
  return { ...here, addedMs, added: here.added.slice(0, -1) };
};

/** Ends the break where it stands. While it is counted in nothing has begun: it is as before the start again. */
export const stop = (timeline: Timeline, lead: Lead, now: ClockMs): Lead => {
  const here = advance(timeline, lead, now);
  if (isUnderWay(here) && here.index < 0) return { ...readyToLead(timeline), waits: here.waits };
  return isUnderWay(here) ? { ...here, status: 'stopped' } : here;
};
