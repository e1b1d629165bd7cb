import { startTransition, useCallback, useState } from 'react';

/** So far below what is seen there is always something already, px. */
const AHEAD_PX = 400;

/**
 * How much of a long list is drawn: `atOnce`, and as many more each time its end comes near. `end` goes on what stands
 * behind the last one drawn, which is put there anew (`key`) whenever there are more of them.
 */
export const useMoreAtEnd = (atOnce: number) => {
  const [shown, setShown] = useState(atOnce);
  const end = useCallback(
    (last: Element | null) => {
      if (!last) return undefined;
      // The margin of what scrolls, whether that is the page or a list on it.
      const margins = { rootMargin: `${AHEAD_PX}px`, scrollMargin: `${AHEAD_PX}px` };
      const watch = new IntersectionObserver((seen) => {
        if (seen.some((one) => one.isIntersecting))
          startTransition(() => setShown((before) => before + atOnce));
      }, margins);
      watch.observe(last);
      return () => watch.disconnect();
    },
    [atOnce],
  );
  return { shown, end };
};
