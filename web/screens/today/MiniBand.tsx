import { kindOf } from '@kotabi/core/schedule';
import { bandScale, runPath } from '../../dayband/geometry';
import { clock } from '../../words/time';
import styles from './today.module.css';
import type { GroupToday } from './useToday';

const HEIGHT = 46;
const WIDTH = 700;

/** A group's day at a look: the run at the desk, its breaks (filled: past, open: to come), and now. */
export const MiniBand = ({ today }: { today: GroupToday }) => {
  const { day, now, group } = today;
  if (!day) return <p className="muted small">Nobody works today, or nothing is planned.</p>;
  const { input, held, reading } = day;
  const full = bandScale(input, WIDTH, Math.max(input.limitMin, reading.longestRunMin));
  // The same shape as in the week, lower.
  const flat = {
    ...full,
    base: HEIGHT,
    y: (run: number) => HEIGHT - (full.base - full.y(run)) * (HEIGHT / full.base),
  };
  const at = now.minute;
  return (
    <svg
      viewBox={`0 -14 ${WIDTH} ${HEIGHT + 26}`}
      className={styles.band}
      role="img"
      aria-label={`${group.name}: ${held.length} breaks today, longest run at the desk ${reading.longestRunMin} min`}
    >
      <path d={runPath(reading.run, input.startMin, flat)} className={styles.run} />
      {held.map((b) => (
        <rect
          key={b.id}
          x={flat.x(b.startMin)}
          y={HEIGHT - 8}
          width={Math.max(9, flat.x(b.startMin + kindOf(input, b).lengthMin) - flat.x(b.startMin))}
          height="16"
          rx="4"
          className={b.startMin < at ? styles.past : styles.ahead}
        >
          <title>{clock(b.startMin)}</title>
        </rect>
      ))}
      {at >= input.startMin && at <= input.endMin && (
        <g>
          <line x1={flat.x(at)} x2={flat.x(at)} y1="-4" y2={HEIGHT + 8} className={styles.nowLine} />
          <text x={flat.x(at) + 5} y="4" className={styles.nowText}>
            now
          </text>
        </g>
      )}
    </svg>
  );
};
