import { breathCycle, wholeBreaths } from '../breath';
import { countWords } from '../cues';
import {
  BREATHS_A_REP,
  type Dose,
  isOnFloor,
  type Milliseconds,
  type Pace,
  type Position,
  type Step,
  type Thing,
} from '../model';

/** Seconds to whole milliseconds. */
export const ms = (seconds: number): Milliseconds => Math.round(seconds * 1000);

/** Time to say a text: words / wordsPerMinute, up to the next half second, at least the shortest cue. */
export const sayMs = (text: string, pace: Pace): Milliseconds => {
  const halfSeconds = Math.ceil((countWords(text) * 120) / pace.wordsPerMinute);
  return Math.max(halfSeconds * 500, ms(pace.shortestCueSec));
};

/** One set of work. With whole breaths on, a hold in seconds is rounded to breaths. */
export const workMs = (dose: Dose, amount: number, pace: Pace, whole: boolean): Milliseconds => {
  const { cycleMs } = breathCycle(pace);
  switch (dose.measure) {
    case 'seconds':
      // Counted with the cycle itself, not with its whole milliseconds: at 9 breaths a minute a hold of 30 s is 5.
      return whole ? wholeBreaths(ms(amount), 60_000 / pace.breathsPerMinute) * cycleMs : ms(amount);
    case 'breaths':
      return amount * cycleMs;
    case 'reps':
      return amount * repMs(dose, pace);
  }
};

/** One repetition: its seconds or its breaths, and what it is held on top of that. */
export const repMs = (
  { repSec, holdSec = 0 }: Extract<Dose, { measure: 'reps' }>,
  pace: Pace,
): Milliseconds =>
  (typeof repSec === 'number' ? ms(repSec) : Math.round(BREATHS_A_REP[repSec] * breathCycle(pace).cycleMs)) +
  ms(holdSec);

/** The pace of a step: the break's, with the step's own breath. */
export const paceOf = ({ breath }: Pick<Step, 'breath'>, pace: Pace): Pace =>
  breath ? { ...pace, ...breath } : pace;

// Seconds to change position and to fetch a thing: common practice, no source.
export const SEAT_SHIFT_SEC = 3;
export const STAND_UP_SEC = 6;
export const FLOOR_SEC = 15;
export const FETCH_SEC: Record<Thing, number> = {
  desk: 0,
  chair: 0,
  strap: 5,
  ball: 5,
  towel: 5,
  cushion: 5,
  mat: 5,
  roll: 5,
  footrest: 5,
  wall: 8,
};

/** Between lying and sitting on the floor, s. Common practice, no source. */
export const FLOOR_SHIFT_SEC = 5;

/** Time to get from one position to another. */
export const positionMs = (from: Position, to: Position): Milliseconds => {
  if (from === to) return 0;
  if (isOnFloor(from) && isOnFloor(to)) return ms(FLOOR_SHIFT_SEC);
  if (isOnFloor(from) || isOnFloor(to)) return ms(FLOOR_SEC);
  if (from === 'standing' || to === 'standing') return ms(STAND_UP_SEC);
  return ms(SEAT_SHIFT_SEC);
};

/** Time to fetch what is needed now and was not in hand in the step before. */
export const fetchMs = (had: readonly Thing[], needs: readonly Thing[]): Milliseconds =>
  ms(needs.filter((thing) => !had.includes(thing)).reduce((sum, thing) => sum + FETCH_SEC[thing], 0));
