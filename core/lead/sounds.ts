import type { Milliseconds, Side } from '../model';
import type { Timeline, WorkPart } from '../timing';
import { breathsToTell } from './last-breath';
import { COUNT_IN_MS, isHeldOpen, type Lead, ledLengthMs, stretchOf } from './lead';

/** What a short signal tells: it begins, the side changes, another step begins, this is the last breath, it is over. */
export type Signal = 'start' | 'side' | 'step' | 'last breath' | 'end';

/** Something to be heard, and when: from the moment asked about. `side` is where it is heard; null in the middle. */
export type Sound = { atMs: Milliseconds; side: Side | null } & (
  | {
      what: 'breath';
      /** Rises while it goes in, falls while it goes out. */
      phase: 'in' | 'out';
      lengthMs: Milliseconds;
      /** Share of it that is behind already: 0 for a whole one. */
      from: number;
    }
  | { what: 'signal'; signal: Signal }
  /** Three, two, one: of the count-in, of repetitions, of seconds where no breath is led. */
  | { what: 'count'; left: 1 | 2 | 3 }
);

/** The last so many are counted. */
const COUNTED = [3, 2, 1] as const;
const SECOND = 1000;

/** Sounds of one part, from its own start; of one that is held open only those of the breath. */
const ofWork = (part: WorkPart, lengthMs: Milliseconds, stretch: number, isHeld: boolean): Sound[] => {
  const { side } = part;
  const sounds: Sound[] = [];
  if (part.breath) {
    const cycleMs = part.breath.cycleMs * stretch;
    const inMs = part.breath.inMs * stretch;
    for (let at = 0; at < lengthMs - 1; at += cycleMs) {
      const breath = (phase: 'in' | 'out', from: Milliseconds, until: Milliseconds): void => {
        // What would be cut off in the middle is left out where next to nothing is left of it.
        if (until - from > SECOND / 2)
          sounds.push({ what: 'breath', phase, atMs: from, lengthMs: until - from, from: 0, side });
      };
      breath('in', at, Math.min(at + inMs, lengthMs));
      if (at + inMs < lengthMs) breath('out', at + inMs, Math.min(at + cycleMs, lengthMs));
    }
    if (!isHeld && part.reps === null && breathsToTell(lengthMs, cycleMs) !== null)
      sounds.push({ what: 'signal', signal: 'last breath', atMs: lengthMs - cycleMs, side });
  }
  if (part.reps !== null && part.reps > 1) {
    const repMs = lengthMs / part.reps;
    for (const left of COUNTED)
      if (left <= part.reps) sounds.push({ what: 'count', left, atMs: lengthMs - left * repMs, side });
  } else if (!isHeld && part.reps === null && !part.breath)
    for (const left of COUNTED)
      if (lengthMs >= (left + 1) * SECOND)
        sounds.push({ what: 'count', left, atMs: lengthMs - left * SECOND, side });
  return sounds;
};

/** What is heard as a part begins. */
const opening = ({ parts }: Timeline, index: number): Sound[] => {
  const part = parts[index];
  const before = parts[index - 1];
  if (!part) return [];
  const signal = (name: Signal): Sound[] => [{ what: 'signal', signal: name, atMs: 0, side: part.side }];
  if (!before) return signal('start');
  if (part.kind === 'change' && part.to === 'side') return signal('side');
  // Work that goes from side to side.
  if (part.kind === 'work' && before.kind === 'work' && part.side !== before.side) return signal('side');
  return part.stepId !== before.stepId ? signal('step') : [];
};

/**
 * All that is to be heard from a moment on, as far ahead as asked, in order: a tone that rises and falls with each breath that
 * is led, signals, and the last three of what is counted. Nothing beyond a place at which it waits for the instructor.
 * Where something goes on already the rest of it comes at once.
 */
export const soundsAhead = (timeline: Timeline, lead: Lead, aheadMs: Milliseconds): Sound[] => {
  if (lead.status !== 'running') return [];
  const sounds: Sound[] = [];
  const add = (offsetMs: Milliseconds, list: readonly Sound[]): void => {
    for (const sound of list) {
      const atMs = sound.atMs + offsetMs;
      if (atMs >= -1) sounds.push({ ...sound, atMs: Math.max(0, atMs) });
      else if (sound.what === 'breath' && atMs + sound.lengthMs > 0)
        sounds.push({
          ...sound,
          atMs: 0,
          lengthMs: sound.lengthMs + atMs,
          from: -atMs / sound.lengthMs,
        });
    }
  };
  let offsetMs = -lead.elapsedMs;
  if (lead.index < 0)
    add(
      offsetMs,
      COUNTED.map((left): Sound => ({ what: 'count', left, atMs: COUNT_IN_MS - left * SECOND, side: null })),
    );
  let index = lead.index;
  for (; index < timeline.parts.length && offsetMs < aheadMs; index++) {
    const part = timeline.parts[index];
    const begins = index > lead.index && part && part.stepId !== timeline.parts[index - 1]?.stepId;
    if (index > 0 && begins && lead.waits && lead.index >= 0) return inOrder(sounds, aheadMs);
    const lengthMs = ledLengthMs(timeline, lead, index);
    add(offsetMs, opening(timeline, index));
    if (part?.kind === 'work') {
      // An open hold ends with a key: it is breathed through as far as is looked ahead, and what comes after it is not known yet.
      const isHeld = part.open === true && (index !== lead.index || isHeldOpen(timeline, lead));
      const heardMs = isHeld ? aheadMs - offsetMs : lengthMs;
      add(offsetMs, ofWork(part, heardMs, stretchOf(timeline, lead, index), isHeld));
      if (isHeld) return inOrder(sounds, aheadMs);
    }
    offsetMs += lengthMs;
  }
  if (index >= timeline.parts.length && timeline.parts.length > 0)
    add(offsetMs, [{ what: 'signal', signal: 'end', atMs: 0, side: null }]);
  return inOrder(sounds, aheadMs);
};

const inOrder = (sounds: readonly Sound[], aheadMs: Milliseconds): Sound[] =>
  sounds.filter((s) => s.atMs < aheadMs).sort((a, b) => a.atMs - b.atMs);
