import { useEffect, useState } from 'react';
import type { Suits } from './suits';

/** What says whether a move suits a chair or a group, fetched when it is first asked; `failed` where it could not be. */
export const useSuits = (wanted: boolean): { suits: Suits | null; failed: boolean } => {
  const [suits, setSuits] = useState<Suits | null>(null);
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    if (!wanted || suits) return;
    setFailed(false);
    import('./suits').then(
      (part) => setSuits(() => part.suits),
      (error: unknown) => {
        console.error('What says whether a move suits could not be fetched', error);
        setFailed(true);
      },
    );
  }, [wanted, suits]);
  return { suits, failed };
};
