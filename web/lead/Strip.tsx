import { isWork, type Timeline } from '@kotabi/core/timing';
import styles from './leader.module.css';
import { useMoment, type WatchedStore } from './leadStore';

const WIDTH = 1200;

/** The whole break as a two-sided strip: left work above, right work below, together across both; what is led is lit. */
export const Strip = ({ timeline, store }: { timeline: Timeline; store: WatchedStore }) => {
  const { index, second } = useMoment(store, ({ lead }) => ({
    index: lead.index,
    second: Math.floor(lead.elapsedMs / 1000),
  }));
  const whole = Math.max(1, timeline.totals.totalMs);
  const x = (ms: number): number => (ms / whole) * WIDTH;
  const here = (timeline.parts[index]?.startMs ?? 0) + second * 1000;
  return (
    <svg viewBox={`0 0 ${WIDTH} 52`} className={styles.strip} aria-hidden="true">
      {timeline.parts.filter(isWork).map((p) => (
        <rect
          key={p.index}
          x={x(p.startMs)}
          width={Math.max(3, x(p.lengthMs) - 2)}
          y={p.side === 'right' ? 28 : p.side === 'left' ? 2 : 14}
          height="22"
          rx="4"
          className={`${styles[p.side ?? 'together']} ${p.index === index ? styles.here : p.index < index ? styles.past : ''}`}
        />
      ))}
      {index >= 0 && <line x1={x(here)} x2={x(here)} y1="0" y2="52" className={styles.stripNow} />}
    </svg>
  );
};
