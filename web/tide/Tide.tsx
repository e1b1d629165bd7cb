import type { BreathState } from '@kotabi/core/breath';
import type { Side } from '@kotabi/core/model';
import styles from './tide.module.css';

const WAVES = 'M0 14 Q150 -6 300 14 T600 14 T900 14 T1200 14 T1500 14 V600 H0 Z';

/** The breath across the foot of the screen: rises while it goes in, falls while it goes out. */
export const Tide = ({ breath, side }: { breath: BreathState | null; side: Side | null }) => {
  const level = breath ? breath.level : 0.12;
  // From 8 % of the screen when empty to 34 % when full.
  const top = 92 - 26 * level;
  return (
    <div
      className={`${styles.tide} ${breath ? '' : styles.calm}`}
      style={{ top: `${top}%` }}
      aria-hidden="true"
    >
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
