import { startTransition, useCallback, useState } from 'react';
import { whenIdle } from './whenIdle';

/** So far below what is seen there is always something already, px. */
const AHEAD_PX = 400;
/** So long what nobody has scrolled to waits: whoever only looks in does not pay for it. */
const REST_AFTER_MS = 4000;

/**
 * How much of a long list is drawn: `atOnce`, as many more each time its end comes near, and all of it after a while.
 * `end` goes on what stands behind the last one drawn, which is put there anew (`key`) whenever there are more of them.
 */
export const useMoreAtEnd = (atOnce: number) => {
  const [shown, setShown] = useState(atOnce);
  const end = useCallback(
    (last: Element | null) => {
      if (!last) return undefined;
      const more = (by: number): void => startTransition(() => setShown((before) => before + by));
      // The margin of what scrolls, whether that is the page or a list on it.
      const margins = { rootMargin: `${AHEAD_PX}px`, scrollMargin: `${AHEAD_PX}px` };
      const watch = new IntersectionObserver((seen) => {
        if (seen.some((one) => one.isIntersecting)) more(atOnce);
      }, margins);
      watch.observe(last);
      const callOff = whenIdle(() => more(Number.POSITIVE_INFINITY), REST_AFTER_MS);
      return () => {
        watch.disconnect();
        callOff();
      };
    },
    [atOnce],
  );
  return { shown, end };
};
