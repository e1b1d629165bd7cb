import { useCallback, useEffect, useRef, useState } from 'react';
import { messageOf } from '../api/client';

/** Work that is done away from the page: what it gave, whether it is under way, and how to end it. */
export const useAway = <T>() => {
  const [result, setResult] = useState<T | null>(null);
  const [busy, setBusy] = useState(false);
  const [failure, setFailure] = useState<string | null>(null);
  const running = useRef<AbortController | null>(null);
  const cancel = useCallback(() => {
    running.current?.abort();
    running.current = null;
    setBusy(false);
  }, []);
  const run = useCallback(
    async (work: (signal: AbortSignal) => Promise<T>): Promise<void> => {
      cancel();
      const controller = new AbortController();
      running.current = controller;
      setBusy(true);
      setFailure(null);
      setResult(null);
      try {
        const value = await work(controller.signal);
        if (running.current === controller) setResult(value);
      } catch (error) {
        // Being cancelled is no failure.
        if (!controller.signal.aborted) setFailure(messageOf(error));
      } finally {
        if (running.current === controller) {
          running.current = null;
          setBusy(false);
        }
      }
    },
    [cancel],
  );
  useEffect(() => cancel, [cancel]);
  return { result, busy, failure, run, cancel };
};
