import type { BreathState } from '@kotabi/core/breath';
import type { Side } from '@kotabi/core/model';
import { useEffect, useRef } from 'react';
import styles from './tide.module.css';

const WAVES = 'M0 14 Q150 -6 300 14 T600 14 T900 14 T1200 14 T1500 14 V600 H0 Z';

/** What the tide follows: something that knows the breath of the moment and tells when it has changed. */
interface BreathSource {
  getState: () => { view: { breath: BreathState | null } };
  subscribe: (told: () => void) => () => void;
}

/**
 * From 8 % of the screen when empty to 34 % when full; low where the breath is free. It is as tall as the screen and pushed down
 * whole: nothing of it is painted anew.
 */
const heightOf = (breath: BreathState | null): string =>
  `translateY(${(92 - 26 * (breath ? breath.level : 0.12)).toFixed(2)}%)`;

/**
 * The breath across the foot of the screen: rises while it goes in, falls while it goes out. It follows every frame
 * by itself, so that nothing else of the screen has to be drawn anew.
 */
export const MovingTide = ({ store, side }: { store: BreathSource; side: Side | null }) => {
  const tide = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const follow = (): void => {
      const { breath } = store.getState().view;
      if (!tide.current) return;
      tide.current.style.transform = heightOf(breath);
      tide.current.classList.toggle(styles.calm ?? '', breath === null);
    };
    follow();
    return store.subscribe(follow);
  }, [store]);
  return (
    <div ref={tide} className={styles.tide} aria-hidden="true">
      <svg viewBox="0 0 1500 600" preserveAspectRatio="none" className={styles.back}>
        <path d={WAVES} />
      </svg>
      <svg
        viewBox="0 0 1500 600"
        preserveAspectRatio="none"
        className={`${styles.front} ${side ? styles[side] : ''}`}
      >
        <path d={WAVES} />
      </svg>
    </div>
  );
};
