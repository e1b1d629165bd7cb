/**
 * Does something when the page has nothing else to do, at the latest three seconds from then on; `afterMs` later where what
 * is asked for first should not wait for it. Gives back how to call it off.
 */
export const whenIdle = (work: () => void, afterMs = 0): (() => void) => {
  let callOff: () => void;
  const wait = (): void => {
    if ('requestIdleCallback' in window) {
      const id = requestIdleCallback(work, { timeout: 3000 });
      callOff = () => cancelIdleCallback(id);
    } else {
      const id = setTimeout(work, 1000);
      callOff = () => clearTimeout(id);
    }
  };
  if (afterMs === 0) wait();
  else {
    const id = setTimeout(wait, afterMs);
    callOff = () => clearTimeout(id);
  }
  return () => callOff();
};
