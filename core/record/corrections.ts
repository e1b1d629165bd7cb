import { Area, type CORRECTABLE, type Correction, type Session } from '../model';
import { sumOf } from './record';

type What = (typeof CORRECTABLE)[number];

/** A correction is added to the one before it of the same thing where no more time lies between them. */
const ONE_SITTING_MS = 10 * 60_000;
/** So many corrections are kept: the first, and the latest. */
const MOST_CORRECTIONS = 200;
/** So much of a text is kept of each state. */
const TEXT = 400;

const short = (text: string): string => (text.length > TEXT ? `${text.slice(0, TEXT - 1)}…` : text);
const sec = (ms: number): string => `${Math.round(ms / 1000)} s`;

/** What of a record can be set right, in words that name nobody. */
const TOLD: Record<What, (s: Session) => string> = {
  when: (s) => `${s.startedAt} to ${s.endedAt}`,
  group: (s) => s.groupId ?? 'no group',
  'who came': (s) => {
    const named = s.came.people.length;
    return `${s.came.count ?? 'not counted'}${named > 0 ? `, ${named} of them named` : ''}`;
  },
  steps: (s) => {
    const { stepsDone, stepsPlanned, leftDoneMs, rightDoneMs, workDoneMs } = sumOf(s);
    return `${stepsDone} of ${stepsPlanned} steps, ${sec(workDoneMs)} of work, left ${sec(leftDoneMs)}, right ${sec(rightDoneMs)}`;
  },
  tension: (s) =>
    [
      `${s.tensionBefore ?? '–'} → ${s.tensionAfter ?? '–'}`,
      ...[...s.areas]
        .sort((a, b) => Area.options.indexOf(a.area) - Area.options.indexOf(b.area))
        .map((a) => `${a.area} ${a.before ?? '–'} → ${a.after ?? '–'}`),
    ].join(', '),
  'what happened': (s) =>
    s.events.length === 0
      ? 'nothing'
      : s.events.map((e) => `${e.what}${e.moveName ? ` at ${e.moveName}` : ''}`).join(', '),
  note: (s) => s.note || 'no note',
};

/** What tells one state of a thing from another, names of people included. */
const STATE: Partial<Record<What, (s: Session) => unknown>> = {
  'who came': (s) => s.came,
  steps: (s) => s.parts.map((p) => p.doneMs),
  'what happened': (s) => s.events,
  note: (s) => s.note,
};

/**
 * A record that was changed, with what was set right written down: once for each thing and sitting, from how it was at first.
 * What came with the change as corrections does not count: the history is nobody's to rewrite.
 */
export const corrected = (before: Session, after: Session, at: string): Session => {
  const corrections: Correction[] = [...before.corrections];
  for (const what of Object.keys(TOLD) as What[]) {
    const state = STATE[what] ?? TOLD[what];
    if (JSON.stringify(state(before)) === JSON.stringify(state(after))) continue;
    const last = corrections.findLastIndex((c) => c.what === what);
    const same = corrections[last];
    if (same && Date.parse(at) - Date.parse(same.at) <= ONE_SITTING_MS)
      corrections[last] = { ...same, at, after: short(TOLD[what](after)) };
    else corrections.push({ at, what, before: short(TOLD[what](before)), after: short(TOLD[what](after)) });
  }
  const kept =
    corrections.length > MOST_CORRECTIONS
      ? [...corrections.slice(0, 1), ...corrections.slice(1 - MOST_CORRECTIONS)]
      : corrections;
  return { ...after, corrections: kept };
};
