import { startTransition, useEffect, useState } from 'react';
import { whenIdle } from './whenIdle';

/**
 * How much of a long list is shown: first what is seen at once, then `step` more each time the page has time for it, until all
 * `of` it is there. All of the rest at once would hold the page up for as long as it takes to draw.
 */
export const useGrowing = (first: number, of: number, step = first): number => {
  const [shown, setShown] = useState(first);
  useEffect(
    () => (shown < of ? whenIdle(() => startTransition(() => setShown(shown + step))) : undefined),
    [shown, of, step],
  );
  return shown;
};
