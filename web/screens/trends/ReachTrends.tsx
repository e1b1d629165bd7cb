import { REACHES } from '@kotabi/core/measure';
import type { ReachTrend } from '@kotabi/core/trends';
import dayjs from 'dayjs';
import { CartesianGrid, Line, LineChart, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { colour } from '../../theme/tokens';
import { differenceText, readingText } from '../../words/measure';
import { AsTable } from './AsTable';
import styles from './trends.module.css';

const tint = { left: colour.left, right: colour.right, both: colour.together };

const changeText = ({ kind, change }: ReachTrend): string => {
  if (!change) return 'Measured once so far.';
  const { fartherBy, real, smallest } = change;
  if (fartherBy === 0) return 'The same as at first.';
  const by = `${differenceText(kind, Math.abs(fartherBy))} ${fartherBy > 0 ? 'farther' : 'less far'} than at first`;
  return real
    ? `${by}: more than readings alone make (${differenceText(kind, smallest.change)}).`
    : `${by}: within the error of two readings (a real change from ${differenceText(kind, smallest.change)} on).`;
};

/** Reaches over time, each side by itself, with whether the change is more than the error of readings. */
export const ReachTrends = ({ reach }: { reach: readonly ReachTrend[] }) => (
  <section className={`card ${styles.part}`} aria-label="Reach">
    <h2>Reach</h2>
    {reach.map((trend) => {
      const { kind, side, points } = trend;
      const data = points.map((p) => ({ at: dayjs(p.date).format('D MMM'), value: p.before ?? p.after }));
      return (
        <div key={`${kind} ${side}`} className={styles.reach}>
          <h3 className={side}>
            {REACHES[kind].name}
            {side === 'both' ? '' : `, ${side}`}
          </h3>
          <p className="small">{changeText(trend)}</p>
          <AsTable
            name={`${REACHES[kind].name}, ${side}`}
            head={['Day', 'Before', 'After']}
            rows={points.map((p) => [
              dayjs(p.date).format('D MMM'),
              p.before === null ? '–' : readingText(kind, side, p.before),
              p.after === null ? '–' : readingText(kind, side, p.after),
            ])}
          >
            <ResponsiveContainer width="100%" height={110}>
              <LineChart
                data={data}
                margin={{ top: 6, right: 12, bottom: 0, left: -22 }}
                accessibilityLayer={false}
              >
                <CartesianGrid stroke={colour.line} vertical={false} />
                <XAxis dataKey="at" tick={{ fontSize: 11, fill: colour.muted }} />
                <YAxis tick={{ fontSize: 11, fill: colour.muted }} domain={['auto', 'auto']} />
                <Line
                  dataKey="value"
                  stroke="none"
                  dot={{ r: 5, fill: tint[side], stroke: tint[side] }}
                  isAnimationActive={false}
                />
              </LineChart>
            </ResponsiveContainer>
          </AsTable>
        </div>
      );
    })}
  </section>
);
