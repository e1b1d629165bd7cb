/** Nobody is at work on the page when nothing has been pressed for so long. */
const PAUSE_MS = 1500;

let pressedMs = Number.NEGATIVE_INFINITY;
let watching = false;
const watchPresses = (): void => {
  if (watching) return;
  watching = true;
  for (const kind of ['keydown', 'pointerdown'])
    addEventListener(
      kind,
      () => {
        pressedMs = performance.now();
      },
      { capture: true, passive: true },
    );
};

/**
 * Does something when the page has nothing else to do, at the latest three seconds from then on; `afterMs` later, and in a
 * pause of whoever works on it, where what is asked for first should not wait for it. Gives back how to call it off.
 */
export const whenIdle = (work: () => void, afterMs = 0): (() => void) => {
  let callOff: () => void;
  const later = (next: () => void, inMs: number): void => {
    const id = setTimeout(next, inMs);
    callOff = () => clearTimeout(id);
  };
  const wait = (): void => {
    if ('requestIdleCallback' in window) {
      const id = requestIdleCallback(work, { timeout: 3000 });
      callOff = () => cancelIdleCallback(id);
    } else later(work, 1000);
  };
  const inPause = (): void => {
    const left = pressedMs + PAUSE_MS - performance.now();
    if (left > 0) later(inPause, left);
    else wait();
  };
  if (afterMs === 0) wait();
  else {
    watchPresses();
    later(inPause, afterMs);
  }
  return () => callOff();
};
