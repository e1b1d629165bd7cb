import { startTransition, useEffect, useState } from 'react';
import { whenIdle } from './whenIdle';

/** How much of a long list is shown: first what is seen at once, then all of it as soon as the page has time for it. */
export const useGrowing = (first: number): number => {
  const [all, setAll] = useState(false);
  useEffect(() => whenIdle(() => startTransition(() => setAll(true))), []);
  return all ? Number.POSITIVE_INFINITY : first;
};
