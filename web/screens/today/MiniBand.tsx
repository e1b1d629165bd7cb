import { kindOf } from '@kotabi/core/schedule';
import { bandScale, flatScale, runPath } from '../../dayband/geometry';
import runStyles from '../../dayband/run.module.css';
import { clock } from '../../words/time';
import { nextDayText } from '../../words/today';
import styles from './today.module.css';
import type { GroupToday } from './useToday';

const HEIGHT = 30;
const WIDTH = 700;

/** Names of times closer than this would run into each other, units of the picture. */
const CLOSEST = 32;

/** From when to when the bands of all groups reach: one scale, so that the same time stands in the same place. */
export interface Span {
  startMin: number;
  endMin: number;
}

/** The hours in which any of the groups works; null where none does. */
export const spanOf = (groups: readonly Pick<GroupToday, 'day'>[]): Span | null => {
  const inputs = groups.flatMap((g) => g.day?.input ?? []);
  if (inputs.length === 0) return null;
  return {
    startMin: Math.min(...inputs.map((i) => i.startMin)),
    endMin: Math.max(...inputs.map((i) => i.endMin)),
  };
};

/** The hours above the bands. */
export const Hours = ({ span }: { span: Span }) => {
  const { x } = bandScale(span, WIDTH, 1);
  const first = Math.ceil(span.startMin / 60);
  const hours = Array.from({ length: Math.floor(span.endMin / 60) - first + 1 }, (_, i) => first + i);
  return (
    <svg viewBox={`0 0 ${WIDTH} 14`} className={styles.band} aria-hidden="true">
      {hours.map((h) => (
        <text key={h} x={Math.min(x(h * 60), WIDTH - 12)} y="10" className={styles.time}>
          {h % 24}
        </text>
      ))}
    </svg>
  );
};

/** Of some times those that have room for their name. */
const named = (
  held: readonly { id: string; startMin: number }[],
  x: (minute: number) => number,
): Set<string> => {
  const ids = new Set<string>();
  let last = Number.NEGATIVE_INFINITY;
  for (const b of held) {
    if (x(b.startMin) - last < CLOSEST) continue;
    last = x(b.startMin);
    ids.add(b.id);
  }
  return ids;
};

/** A group's day at a look: the run at the desk, its breaks (filled: past, open: to come), and now. */
export const MiniBand = ({ today, span }: { today: GroupToday; span: Span }) => {
  const { day, now, group, without, coming } = today;
  if (!day)
    return (
      <p className="muted small">
        {without} {nextDayText(coming)}
      </p>
    );
  const { input, held, reading } = day;
  const flat = flatScale(span, WIDTH, HEIGHT, Math.max(input.limitMin, reading.longestRunMin));
  const at = now.minute;
  const withTime = named(held, flat.x);
  return (
    <svg
      viewBox={`0 -8 ${WIDTH} ${HEIGHT + 30}`}
      className={styles.band}
      role="img"
      aria-label={`${group.name}: ${held.length} breaks today, longest run at the desk ${reading.longestRunMin} min`}
    >
      <path d={runPath(reading.run, input.startMin, flat)} className={runStyles.run} />
      {held.map((b) => (
        <g key={b.id}>
          <rect
            x={flat.x(b.startMin)}
            y={HEIGHT - 8}
            width={Math.max(9, flat.x(b.startMin + kindOf(input, b).lengthMin) - flat.x(b.startMin))}
            height="16"
            rx="4"
            className={b.startMin < at ? styles.past : styles.ahead}
          >
            <title>{clock(b.startMin)}</title>
          </rect>
          {withTime.has(b.id) && (
            <text x={flat.x(b.startMin)} y={HEIGHT + 20} className={styles.time}>
              {clock(b.startMin)}
            </text>
          )}
        </g>
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
