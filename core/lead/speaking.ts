import type { Milliseconds } from '../model';
import { IMPORTANCE, type Line, type LineRole, type Timeline } from '../timing';
import { type Lead, ledLengthMs, stretchOf } from './lead';
import { ledLineMs } from './view';

/** A line as it is led: which part it belongs to, and when it is due from the start of that part. */
export interface DueLine {
  index: number;
  line: Line;
  dueMs: Milliseconds;
}

/** How late a line may still be said, ms; what opens a part later, for it tells what is done. Common practice, no source. */
const LATE_MS: Milliseconds = 1500;
const LATE_OPENING_MS: Milliseconds = 4000;

const sum = (list: readonly Milliseconds[]): Milliseconds => list.reduce((a, b) => a + b, 0);

/**
 * The lines that came due between two moments of a break being led, in order. Gone back, what opens is said again; what was
 * skipped is not said, nor what came due so long ago that it would tell of something else.
 */
export const linesDue = (timeline: Timeline, before: Lead, now: Lead): DueLine[] => {
  const scale = stretchOf(timeline, now, before.index) / stretchOf(timeline, before, before.index);
  const wasMs = before.elapsedMs * scale;
  const again = now.index < before.index || (now.index === before.index && now.elapsedMs < wasMs - 1);
  const due: DueLine[] = [];
  // It ended while nobody looked: its last words would come long after it.
  const ledMs = sum(now.doneMs) - sum(before.doneMs);
  if (now.index >= timeline.parts.length && ledMs > LATE_OPENING_MS) return due;
  /** How long ago the part began. */
  let sinceMs = now.elapsedMs;
  for (let index = Math.min(now.index, timeline.parts.length - 1); index >= 0; index--) {
    if (index < now.index) {
      const lengthMs = ledLengthMs(timeline, now, index);
      sinceMs += lengthMs;
      // Left before its end: the rest of its words goes with it.
      if ((now.doneMs[index] ?? 0) < lengthMs - 50) break;
    }
    for (const line of [...(timeline.parts[index]?.lines ?? [])].reverse()) {
      const dueMs = ledLineMs(timeline, now, index, line);
      const isNew = index !== before.index || again || dueMs > wasMs || (before.index < 0 && index === 0);
      const lateMs = sinceMs - dueMs;
      if (isNew && lateMs >= 0 && lateMs <= LATE_OPENING_MS) due.unshift({ index, line, dueMs });
    }
    if (again || index === before.index || sinceMs > LATE_OPENING_MS * 2) break;
  }
  return due;
};

/** What opens a part cannot be left out: without it nobody knows what to do. */
const rank = (role: LineRole): number => {
  const found = (IMPORTANCE as readonly string[]).indexOf(role);
  return found < 0 ? -1 : found;
};

/** Something that can say words: it calls back when it has ended, however it ended. */
export interface Mouth {
  say: (text: string, line: Line, ended: () => void) => void;
  hush: () => void;
}

/**
 * Says lines one after the other, never one over another. While something is said the most important one that came due
 * waits, and is said after it unless it has become too late. After `stop` nothing is said any more.
 */
export class Speaker {
  private speaking = false;
  private next: { due: DueLine; since: Milliseconds } | null = null;
  private run = 0;

  constructor(
    private readonly mouth: Mouth,
    private readonly now: () => Milliseconds,
  ) {}

  /** Takes lines that have just come due. */
  take(due: readonly DueLine[]): void {
    for (const one of due) {
      if (!this.speaking) this.say(one);
      else if (!this.next || rank(one.line.role) <= rank(this.next.due.line.role))
        this.next = { due: one, since: this.now() };
    }
  }

  /** Silence at once; what waited is forgotten. */
  stop(): void {
    this.run++;
    this.next = null;
    this.speaking = false;
    this.mouth.hush();
  }

  private say({ line }: DueLine): void {
    const { run } = this;
    this.speaking = true;
    this.mouth.say(line.text, line, () => {
      if (run !== this.run || !this.speaking) return;
      this.speaking = false;
      const waited = this.next;
      this.next = null;
      if (!waited) return;
      const late = this.now() - waited.since;
      const most = rank(waited.due.line.role) < 0 ? LATE_OPENING_MS : LATE_MS;
      if (late <= most) this.say(waited.due);
    });
  }
}
