import { ratingChange } from '@kotabi/core/reference';
import { spanText } from '@kotabi/core/stats/span-text';
import type { TensionTrend } from '@kotabi/core/trends';
import { Select } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { Cited } from '../../words/Cited';
import { areaText } from '../../words/measure';
import { tensionWords, weeksWords } from '../../words/trends';
import { AsTable } from './AsTable';
import { TensionChart } from './TensionChart';
import styles from './trends.module.css';

const nameOf = ({ of }: TensionTrend): string => (of ? areaText(of) : 'in general');
const cell = (e: { value: number; low: number | null; high: number | null } | null): string =>
  e ? `${e.value.toFixed(1)}${e.low === null ? '' : ` (${spanText(e)})`}` : '–';

/** Tension over weeks, of the whole or of one area and side. */
export const TensionTrends = ({ trends }: { trends: readonly TensionTrend[] }) => {
  const [chosen, setChosen] = useState<string | null>(null);
  const trend = trends.find((t) => nameOf(t) === chosen) ?? trends[0];
  return (
    <section className={`card ${styles.part}`} aria-label="Tension">
      <div className="bar">
        <h2>Tension, 0–10</h2>
        <span className="grow" />
        {trends.length > 1 && trend && (
          <Select
            aria-label="Area and side"
            style={{ width: 180 }}
            value={nameOf(trend)}
            options={trends.map((t) => ({ value: nameOf(t), label: nameOf(t) }))}
            onChange={setChosen}
          />
        )}
      </div>
      {trend ? (
        <>
          <p>
            {tensionWords(trend)} {weeksWords(trend)}
          </p>
          <p className="muted small">
            open: before · filled: after · bar: where the mean of the week lies, 95 % (Student’s t), from
            three times on
          </p>
          <AsTable
            name="tension week by week"
            head={['Week of', 'Before', 'After']}
            rows={trend.weeks.map((w) => [dayjs(w.week).format('D MMM'), cell(w.before), cell(w.after)])}
          >
            <TensionChart trend={trend} />
          </AsTable>
          <p className="muted small">
            What people notice: {ratingChange.points} points or {ratingChange.share * 100} %, found for
            chronic pain, used by analogy (<Cited source={ratingChange} />
            ).
          </p>
        </>
      ) : (
        <p>Nobody was asked in these days. Ask before and after a break, or measure a person.</p>
      )}
    </section>
  );
};
