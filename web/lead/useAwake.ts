import { useEffect, useState } from 'react';

/** What is known about the display: kept on, not possible in this browser, or not asked for. */
export type Awake = 'on' | 'off' | 'unavailable';

/** Keeps the display on while `wanted`, where the browser allows it; asked for again when the tab comes back. */
export const useAwake = (wanted: boolean): Awake => {
  const [awake, setAwake] = useState<Awake>('off');
  useEffect(() => {
    if (!wanted) return;
    if (!('wakeLock' in navigator)) {
      setAwake('unavailable');
      return;
    }
    let lock: WakeLockSentinel | null = null;
    let left = false;
    const ask = async (): Promise<void> => {
      if (document.visibilityState !== 'visible') return;
      try {
        lock = await navigator.wakeLock.request('screen');
        if (left) await lock.release();
        else setAwake('on');
      } catch {
        setAwake('unavailable'); // low battery or a browser that refuses: said on screen
      }
    };
    void ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      left = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
      setAwake('off');
    };
  }, [wanted]);
  return awake;
};
