import { AIM_DAYS, AIM_SEC } from '@kotabi/core/ledger';
import type { AreaSeconds } from '@kotabi/core/trends';
import dayjs from 'dayjs';
import styles from './trends.module.css';

const HIGH = 26;
/** Room for the weeks of one side, px. */
const WIDE = 170;
const MOST_CELL = 20;

/** One area over weeks: left bars left, right ones right; the outline is what was planned. */
const Bars = ({ area, side, most }: { area: AreaSeconds; side: 'left' | 'right'; most: number }) => {
  const weeks = side === 'left' ? [...area.weeks].reverse() : area.weeks;
  const cell = Math.min(MOST_CELL, WIDE / Math.max(1, weeks.length));
  const high = (sec: number): number => (HIGH * sec) / most;
  const words = weeks
    .map(
      (w) =>
        `${dayjs(w.week).format('D MMM')} ${Math.round(w.done[side])} of ${Math.round(w.planned[side])} s`,
    )
    .join(', ');
  return (
    <svg
      width={weeks.length * cell}
      height={HIGH + 4}
      role="img"
      aria-label={`${area.area}, ${side}: ${words}`}
    >
      {weeks.map((w, i) => (
        <g key={w.week}>
          <title>{`week of ${dayjs(w.week).format('D MMM')}, ${side}: ${Math.round(w.done[side])} s held of ${Math.round(w.planned[side])} s planned, ${w.daysReached[side]} days of ${AIM_SEC} s`}</title>
          <rect
            x={i * cell + 2}
            y={HIGH + 2 - high(w.planned[side])}
            width={Math.max(2, cell - 4)}
            height={high(w.planned[side])}
            fill="none"
            stroke={`var(--${side})`}
            strokeOpacity="0.5"
          />
          <rect
            x={i * cell + 2}
            y={HIGH + 2 - high(w.done[side])}
            width={Math.max(2, cell - 4)}
            height={high(w.done[side])}
            fill={`var(--${side})`}
            fillOpacity={w.daysReached[side] >= AIM_DAYS ? 1 : 0.6}
          />
        </g>
      ))}
    </svg>
  );
};

/** Seconds held a week against the aim, left and right apart. */
export const SecondsPart = ({ seconds }: { seconds: readonly AreaSeconds[] }) => {
  const most = Math.max(
    1,
    ...seconds.flatMap((a) =>
      a.weeks.flatMap((w) => [w.planned.left, w.planned.right, w.done.left, w.done.right]),
    ),
  );
  return (
    <section className={`card ${styles.part}`} aria-label="Seconds held">
      <h2>Seconds held, week by week</h2>
      <p className="muted small">
        filled: done · outline: planned · dark: {AIM_SEC} s on {AIM_DAYS} days or more; the newest week lies
        outermost
      </p>
      {seconds.length === 0 ? (
        <p>No record in these days says what it held.</p>
      ) : (
        <ul className={styles.areas}>
          {seconds.map((area) => (
            <li key={area.area}>
              <Bars area={area} side="left" most={most} />
              <span>
                {area.area}
                <span className="muted small">
                  {area.weeksReached} of {area.weeks.length} weeks
                </span>
              </span>
              <Bars area={area} side="right" most={most} />
            </li>
          ))}
        </ul>
      )}
    </section>
  );
};
