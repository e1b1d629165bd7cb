import { AIM_DAYS, type BySide, type Ledger, type LedgerArea } from '@kotabi/core/ledger';
import dayjs from 'dayjs';
import { useState } from 'react';
import { CellHatches, DayCells } from './DayCells';
import type { HeldByDay } from './done';
import styles from './ledger.module.css';

const met = ({ daysReached }: LedgerArea): boolean =>
  daysReached.left >= AIM_DAYS && daysReached.right >= AIM_DAYS;

/** The week's ledger about a middle column of areas; an area opens to its muscles. */
export const LedgerList = ({ ledger, done }: { ledger: Ledger; done: HeldByDay }) => {
  const [open, setOpen] = useState<string | null>(null);
  /** What was done of an area on a day; undefined where nothing was led. */
  const doneOf = (area: string, date: string): BySide | undefined =>
    done.has(date) ? (done.get(date)?.get(area) ?? { left: 0, right: 0 }) : undefined;
  const names = ledger.dates.map((d) => dayjs(d).format('dd')[0]).join('');
  return (
    <ul className={styles.list} aria-label="Ledger of the week">
      <li className={`${styles.row} ${styles.head}`} aria-hidden="true">
        <span>
          <CellHatches />
          left · {[...names].reverse().join(' ')}
        </span>
        <span />
        <span>{[...names].join(' ')} · right</span>
      </li>
      {ledger.areas.map((area) => (
        <li key={area.key}>
          <div className={styles.row}>
            <DayCells row={area} side="left" dates={ledger.dates} done={(date) => doneOf(area.key, date)} />
            <button
              type="button"
              className={styles.name}
              aria-expanded={open === area.key}
              title={met(area) ? 'The aim is met on both sides' : 'Not on two days on both sides yet'}
              onClick={() => setOpen(open === area.key ? null : area.key)}
            >
              {met(area) ? <b>{area.key}</b> : area.key}
            </button>
            <DayCells row={area} side="right" dates={ledger.dates} done={(date) => doneOf(area.key, date)} />
          </div>
          {open === area.key && (
            <>
              {area.muscles.map((m) => (
                <div key={m.key} className={styles.row}>
                  <DayCells row={m} side="left" dates={ledger.dates} />
                  <span className={styles.muscle}>{m.key}</span>
                  <DayCells row={m} side="right" dates={ledger.dates} />
                </div>
              ))}
              {area.moved && (
                <p className={styles.moved}>
                  moved: left {Math.round(area.moved.total.left)} s, right{' '}
                  {Math.round(area.moved.total.right)} s (not held, so not counted)
                </p>
              )}
              {area.muscles.length === 0 && !area.moved && (
                <p className={styles.moved}>Nothing in this week is for it.</p>
              )}
            </>
          )}
        </li>
      ))}
    </ul>
  );
};
