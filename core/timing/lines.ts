import { countWords } from '../cues/resolve';
import type { Milliseconds, Pace, Side } from '../model';

/** What a spoken line is for. The first seven open a part; the others are spoken while something is done. */
export type LineRole =
  | 'into'
  | 'fetch'
  | 'note'
  | 'say'
  | 'again'
  | 'turn'
  | 'rest'
  | 'go'
  | 'feel'
  | 'check'
  | 'breathe'
  | 'count'
  | 'last'
  | 'back';

/** One thing to say, its tokens resolved, and when. */
export interface Line {
  role: LineRole;
  text: string;
  /** From the start of the part in which it begins. */
  atMs: Milliseconds;
  /** How long it takes to say; it may run on into the part after. */
  lengthMs: Milliseconds;
  /** It belongs to the end: when work goes on for longer, it comes that much later. */
  fromEnd: boolean;
}

/**
 * What is spoken during work, from the most to the least important: where two lines want the same moment, the one
 * that stands later here moves or falls away. Common practice, no source: nobody may be left in a pose without the
 * way back, or be surprised by the end; where it should be felt matters more than a number that is also on screen.
 */
export const IMPORTANCE = ['back', 'last', 'go', 'feel', 'count', 'check', 'breathe'] as const;
export type WorkRole = (typeof IMPORTANCE)[number];
const COUNT = IMPORTANCE.indexOf('count');

/** A breath of silence between two lines that could also come later. Common practice, no source. */
export const PAUSE_MS = 500;

/** Time it takes to speak a line during work: to the next half second, without the shortest time of a cue. */
export const spokenMs = (text: string, pace: Pick<Pace, 'wordsPerMinute'>): Milliseconds =>
  Math.ceil((countWords(text) * 120) / pace.wordsPerMinute) * 500;

/** A line that opens a part; it falls away where it takes longer to say than the part lasts. */
export const opening = (
  role: LineRole,
  text: string,
  pace: Pace,
  partMs: Milliseconds,
): { lines: Line[]; dropped: Line[] } => {
  if (text === '') return { lines: [], dropped: [] };
  const line: Line = { role, text, atMs: 0, lengthMs: spokenMs(text, pace), fromEnd: false };
  return line.lengthMs <= partMs ? { lines: [line], dropped: [] } : { lines: [], dropped: [line] };
};

/** One part of a run of work, from the start of the run. */
export interface Span {
  startMs: Milliseconds;
  lengthMs: Milliseconds;
  side: Side | null;
}
/** A line that is wanted during a run of work. */
export interface Wanted {
  role: WorkRole;
  /** Its words, for the side that is worked when it is said. */
  text: (side: Side | null) => string;
  /** The number that is counted in its place where it has no room. */
  number?: string;
  /** When, from the start of the run; null for as soon as there is room after what came before. */
  atMs: Milliseconds | null;
}
/** Work without a break in it: its parts, the way back behind it, and how fast is spoken. */
export interface Run {
  spans: readonly Span[];
  returnMs: Milliseconds;
  pace: Pace;
}

/** The lines of each part of a run (the way back last), and those that found no room. */
export interface Spoken {
  bySpan: Line[][];
  dropped: Line[];
}

interface Slot {
  from: Milliseconds;
  to: Milliseconds;
}
const isFree = (taken: readonly Slot[], from: Milliseconds, to: Milliseconds): boolean =>
  taken.every((t) => to <= t.from || from >= t.to);

/** The earliest moment from `after` on at which `lengthMs` is free before `end`; null when there is none. */
const earliest = (
  taken: readonly Slot[],
  after: Milliseconds,
  lengthMs: Milliseconds,
  end: Milliseconds,
): Milliseconds | null => {
  let from = after;
  for (const t of [...taken].sort((a, b) => a.from - b.from)) {
    if (from + lengthMs <= t.from) break;
    if (t.to > from) from = t.to + PAUSE_MS;
  }
  return from + lengthMs <= end ? from : null;
};

/**
 * Gives the lines of a run their moments: no two overlap, none begins before the run or ends after the way back,
 * and the least important fall away first. Numbers are counted to the end: where one has no room, those before it
 * fall away as well.
 */
export const placeLines = ({ spans, returnMs, pace }: Run, wanted: readonly Wanted[]): Spoken => {
  const workMs = spans.reduce((sum, s) => sum + s.lengthMs, 0);
  const all: Span[] = [...spans, { startMs: workMs, lengthMs: returnMs, side: spans.at(-1)?.side ?? null }];
  const bySpan: Line[][] = all.map(() => []);
  const spanAt = (at: Milliseconds): number => {
    const found = all.findIndex((s) => at < s.startMs + s.lengthMs);
    return found < 0 ? all.length - 1 : found;
  };
  const taken: Slot[] = [];
  const dropped: Line[] = [];
  let afterMs = 0;
  /** Gives one line its moment; false where it found no room. */
  const place = ({ role, text, atMs }: Wanted, allowed = true): boolean => {
    const words = text(spans[spanAt(atMs ?? 0)]?.side ?? spans[0]?.side ?? null);
    const lengthMs = spokenMs(words, pace);
    const end = role === 'back' ? workMs + returnMs : workMs;
    const fixed = role === 'back' ? Math.min(workMs, end - lengthMs) : atMs;
    const from = fixed ?? earliest(taken, afterMs, lengthMs, end);
    const fits = from !== null && from >= 0 && from + lengthMs <= end && isFree(taken, from, from + lengthMs);
    const fromEnd = role === 'back' || role === 'last' || role === 'count';
    if (!fits || !allowed) {
      dropped.push({ role, text: words, atMs: from ?? 0, lengthMs, fromEnd });
      return false;
    }
    taken.push({ from, to: from + lengthMs });
    if (fixed === null || role === 'go') afterMs = from + lengthMs + PAUSE_MS;
    const at = spanAt(from);
    const span = all[at] as Span;
    const side = span.side;
    bySpan[at]?.push({
      role,
      // A line that moved may have come to the other side's repetition; its words follow.
      text: side === null ? words : text(side),
      atMs: from - span.startMs,
      lengthMs,
      fromEnd,
    });
    return true;
  };
  const of = (role: WorkRole): Wanted[] => wanted.filter((w) => w.role === role);
  const [before, after] = [IMPORTANCE.slice(0, COUNT), IMPORTANCE.slice(COUNT + 1)];
  const withoutRoom = before.flatMap(of).filter((w) => !place(w));
  // Numbers that take the place of words for which there was no room are counted like the others.
  const inPlace = withoutRoom.flatMap(({ number, atMs }): Wanted[] =>
    number === undefined ? [] : [{ role: 'count', text: () => number, atMs }],
  );
  let counting = true;
  for (const number of [...inPlace, ...of('count').reverse()]) counting = place(number, counting);
  for (const w of after.flatMap(of)) place(w);
  for (const lines of bySpan) lines.sort((a, b) => a.atMs - b.atMs);
  return { bySpan, dropped };
};
