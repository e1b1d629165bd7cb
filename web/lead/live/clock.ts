/** How far another clock is ahead of one's own, and how sure that is, ms. */
export interface Offset {
  offsetMs: number;
  /** The answer took so long on its way there and back; half of it is what the offset may be wrong by. */
  roundMs: number;
}

/** So many answers are compared: the quickest one is the surest. */
const ASKED = 6;

/**
 * How far a server's clock is ahead: it is asked a few times, and the answer that took least counts, taken as given halfway
 * (Cristian's algorithm, 1989, from memory). Both clocks in ms since 1970.
 */
export const measureOffset = async (ask: () => Promise<number>, now: () => number): Promise<Offset> => {
  let best: Offset | null = null;
  for (let i = 0; i < ASKED; i++) {
    const before = now();
    const theirs = await ask();
    const roundMs = now() - before;
    if (!best || roundMs < best.roundMs) best = { offsetMs: theirs - (before + now()) / 2, roundMs };
  }
  return best as Offset;
};

/** This page's steady clock as ms since 1970: it never jumps, unlike the clock on the wall. */
export const steadyNow = (): number => performance.timeOrigin + performance.now();
