import { restOfBreath } from '../breath';
import { numberWord } from '../cues';
import type { Approach, Cues, Milliseconds, Side } from '../model';
import type { Say } from '../words';
import type { Span, Wanted } from './lines';
import type { WorkPart } from './timeline';

/** What a run of work is spoken through with: its cues where one is now, and how this break counts and breathes. */
export interface Spoken {
  cues: Cues;
  /** A cue with its tokens resolved for the side that is worked when it is said. */
  words: (cue: string, side: Side | null) => string;
  /** One breath of this step. */
  cycleMs: Milliseconds;
  counting: Approach['counting'];
  say: Say;
}
/** The work of one part, as far as words go with it. */
type Work = Pick<WorkPart, 'lengthMs' | 'breath' | 'reps' | 'firstRep' | 'meanwhile'>;

/**
 * The lines that are wanted during a run of work, each with its moment where it has one: what opens it, what is felt,
 * checked and breathed when the run is `fresh` to a side, the numbers, the last one, and the way back after the `last`
 * set. Which of them find room is decided where they are placed.
 */
export const wantedLines = (
  spoken: Spoken,
  work: readonly Work[],
  spans: readonly Span[],
  { fresh, last }: { fresh: boolean; last: boolean },
): Wanted[] => {
  const [one] = work;
  if (!one) return [];
  const { cues, words, cycleMs } = spoken;
  const line = (role: Wanted['role'], cue: string | undefined, atMs: number | null): Wanted[] =>
    cue ? [{ role, text: (side) => words(cue, side), atMs }] : [];
  const starts = repStarts(work, spans, one);
  const lastAt = starts ? lastRep(starts) : lastBreath(one, cycleMs);
  const number = starts ? { number: numberAt(spoken, starts.length - 1, starts.length) } : {};
  const times = one.meanwhile?.times ?? 0;
  return [
    ...line('go', cues.go, 0),
    ...(fresh
      ? [
          ...line('feel', cues.feel, null),
          ...line('check', cues.check, null),
          ...line('breathe', cues.breathe, null),
        ]
      : []),
    ...(lastAt === null ? [] : line('last', cues.last, lastAt).map((wanted) => ({ ...wanted, ...number }))),
    // What is held still is counted by what moves meanwhile.
    ...(starts
      ? counts(spoken, starts, cues.last !== undefined)
      : counts(spoken, evenly(one.lengthMs, times), false)),
    ...(last ? line('back', cues.back, null) : []),
  ];
};

const evenly = (lengthMs: Milliseconds, times: number): Milliseconds[] =>
  Array.from({ length: times }, (_, i) => Math.round((i * lengthMs) / times));

/** The moment of the last of several repetitions. */
const lastRep = (starts: readonly Milliseconds[]): Milliseconds | null =>
  starts.length > 1 ? (starts.at(-1) ?? null) : null;

/** A breath is only called the last one where the hold ends with it; a free breath follows the words. */
const lastBreath = ({ breath, lengthMs }: Work, cycleMs: Milliseconds): Milliseconds | null => {
  const endsWithBreath = breath === null || restOfBreath(breath, lengthMs) === 0;
  return lengthMs > cycleMs && endsWithBreath ? lengthMs - cycleMs : null;
};

/** The numbers that are said aloud, each as its repetition begins; `named` where the last one has words of its own. */
const counts = (spoken: Spoken, starts: readonly Milliseconds[], named: boolean): Wanted[] => {
  const n = starts.length;
  return starts.flatMap((atMs, i): Wanted[] => {
    if (n === 1 || (named && i === n - 1)) return [];
    if (spoken.counting === 'only the last three' && i < n - 3) return [];
    const text = numberAt(spoken, i, n);
    return [{ role: 'count', text: () => text, atMs }];
  });
};

/** The number of a repetition as it is said: up, or down to one. */
const numberAt = ({ counting, say }: Spoken, i: number, n: number): string =>
  numberWord(counting === 'up' ? i + 1 : n - i, say);

/** When each repetition begins (of an alternating move each round), from the start of the run; null for a hold. */
const repStarts = (work: readonly Work[], spans: readonly Span[], one: Work): Milliseconds[] | null => {
  if (one.reps === null) return null;
  if (work.length === 1) return evenly(one.lengthMs, one.reps);
  const starts = new Map<number, Milliseconds>();
  work.forEach(({ firstRep }, i) => {
    if (firstRep !== null && !starts.has(firstRep)) starts.set(firstRep, spans[i]?.startMs ?? 0);
  });
  return [...starts.values()];
};
