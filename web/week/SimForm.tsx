import { cite, published } from '@kotabi/core/reference';
import { ENOUGH_OUTCOMES, type Outcomes, type SimSettings, USUAL_SKIP } from '@kotabi/core/simulate';
import { Segmented } from 'antd';
import { NumberField } from '../fields/NumberField';
import styles from './week.module.css';

interface Props {
  /** A run beyond this is a long one. */
  longRunMin: number;
  setLongRun: (minutes: number) => void;
  settings: SimSettings;
  set: (settings: SimSettings) => void;
  /** What the log knows; its chance is null while that is too little. */
  log: Outcomes & { chance: number | null };
}

const percent = (share: number): number => Math.round(share * 100);

/** What real weeks are like: how often people skip, how long meetings overrun, how late breaks start. */
export const SimForm = ({ settings, set, log, longRunMin, setLongRun }: Props) => {
  const usual = Number(USUAL_SKIP.toFixed(2));
  const known = log.done + log.skipped;
  const fromLog = log.chance === null ? null : Number(log.chance.toFixed(2));
  return (
    <>
      {fromLog !== null && (
        <Segmented
          block
          size="small"
          aria-label="Where the chance of skipping comes from"
          value={settings.skip === fromLog ? 'log' : settings.skip === usual ? 'published' : 'own'}
          options={[
            { value: 'log', label: 'Your log' },
            { value: 'published', label: 'Published' },
            ...(settings.skip === fromLog || settings.skip === usual
              ? []
              : [{ value: 'own', label: 'Your own' }]),
          ]}
          onChange={(v) => v !== 'own' && set({ ...settings, skip: v === 'log' ? fromLog : usual })}
        />
      )}
      <div className={styles.fields}>
        <div className={styles.pair}>
          <label htmlFor="sim-long">A long run is over</label>
          <NumberField
            id="sim-long"
            name="A long run"
            labelled
            min={10}
            max={480}
            step={5}
            unit="min"
            value={longRunMin}
            change={setLongRun}
          />
        </div>
        {(
          [
            ['People skip', 'skip', 0, 100, '%'],
            ['Meetings overrun', 'overrunMin', 0, 60, 'min'],
            ['Breaks start late', 'lateMin', 0, 30, 'min'],
            ['May move by', 'graceMin', 0, 240, 'min'],
          ] as const
        ).map(([label, key, min, max, unit]) => (
          <div key={key} className={styles.pair}>
            <label htmlFor={`sim-${key}`}>{label}</label>
            <NumberField
              id={`sim-${key}`}
              name={label}
              labelled
              min={min}
              max={max}
              unit={unit}
              value={key === 'skip' ? percent(settings.skip) : settings[key]}
              change={(n) => set({ ...settings, [key]: key === 'skip' ? n / 100 : n })}
            />
          </div>
        ))}
      </div>
      <p className="muted small">
        {settings.skip === fromLog
          ? `From your log: “not today” ${log.skipped} times of ${known}.`
          : settings.skip === usual
            ? `Skipping ${percent(usual)} % is our assumption: in ${percent(published.stretchingDone.extraShare)} % of the extra breaks that were taken people really stretched (${cite(published.stretchingDone)}); breaks skipped were not counted there.`
            : 'Your own figure for skipping.'}
        {log.chance === null &&
          ` Your log has ${known} answer${known === 1 ? '' : 's'} so far; from ${ENOUGH_OUTCOMES} on it is used.`}
      </p>
    </>
  );
};
