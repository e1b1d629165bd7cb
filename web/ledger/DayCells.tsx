import { AIM_SEC, type BySide, type LedgerRow } from '@kotabi/core/ledger';
import type { Side } from '@kotabi/core/model';
import styles from './ledger.module.css';

const CELL = 14;
const HIGH = 18;

/**
 * One side of a row, day by day: a cell fills up to the aim of a day; a full one counts. Left days are read from
 * the middle outward, as the body is.
 */
export const DayCells = ({
  row,
  side,
  dates,
  done = () => undefined,
}: {
  row: LedgerRow<unknown>;
  side: Side;
  dates: readonly string[];
  /** What was really done on a day; undefined where nothing was led. */
  done?: (date: string) => BySide | undefined;
}) => {
  const days = side === 'left' ? [...row.days].reverse() : [...row.days];
  const named = side === 'left' ? [...dates].reverse() : dates;
  const width = days.length * (CELL + 3);
  const words = `${side}: ${Math.round(row.total[side])} s in the week, ${row.daysReached[side]} day${row.daysReached[side] === 1 ? '' : 's'} of ${AIM_SEC} s or more`;
  return (
    <svg width={width} height={HIGH + 2} role="img" aria-label={words} className={styles.cells}>
      <title>{words}</title>
      {days.map((day: BySide, i) => {
        const share = Math.min(1, day[side] / AIM_SEC);
        const was = done(named[i] ?? '');
        const high = HIGH * (was ? Math.min(1, was[side] / AIM_SEC) : share);
        const ghost = was ? HIGH * share : 0;
        return (
          <g key={named[i]}>
            <rect
              x={i * (CELL + 3) + 1}
              y="1"
              width={CELL}
              height={HIGH}
              rx="2.5"
              className={share >= 1 ? styles.full : styles.cell}
            />
            {ghost > high && (
              <rect
                x={i * (CELL + 3) + 2}
                y={2 + HIGH - ghost}
                width={CELL - 2}
                height={ghost - 1}
                rx="2"
                fill="none"
                stroke={`var(--${side})`}
                strokeDasharray="2 2"
              />
            )}
            {high > 0 && (
              <rect
                x={i * (CELL + 3) + 1}
                y={1 + HIGH - high}
                width={CELL}
                height={high}
                rx="2"
                fill={`url(#ledger-${side})`}
              />
            )}
          </g>
        );
      })}
    </svg>
  );
};

/** The hatches of the cells, drawn once for the whole list. */
export const CellHatches = () => (
  <svg width="0" height="0" aria-hidden="true" style={{ position: 'absolute' }}>
    <defs>
      {(['left', 'right'] as const).map((side) => (
        <pattern key={side} id={`ledger-${side}`} width="4" height="4" patternUnits="userSpaceOnUse">
          <rect width="4" height="4" className={side === 'left' ? styles.leftFill : styles.rightFill} />
          <path
            d={side === 'left' ? 'M0 0L4 4' : 'M0 4L4 0'}
            stroke="#fffdf8"
            strokeWidth="0.8"
            strokeOpacity="0.6"
          />
        </pattern>
      ))}
    </defs>
  </svg>
);
