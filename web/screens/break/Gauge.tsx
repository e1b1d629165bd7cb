import { Suspense } from 'react';
import { later } from '../../later/later';
import { length, minSec, minSecTo, wholeSec } from '../../words/time';
import styles from './gauge.module.css';

const NumberField = later(async () => (await import('../../fields/NumberField')).NumberField);

/** The field of the slot, for the key that goes to it. */
export const SLOT_FIELD = 'slot-minutes';

interface Props {
  slotSec: number;
  totalMs: number;
  /** With every range at its upper end. */
  mostMs: number;
  setSlot: (slotSec: number) => void;
}

/** How much of the slot is used, and by how much it is over or under. */
export const Gauge = ({ slotSec, totalMs, mostMs, setSlot }: Props) => {
  const slotMs = slotSec * 1000;
  const over = totalMs > slotMs;
  const share = Math.min(1, totalMs / slotMs);
  const most = Math.min(1, mostMs / slotMs);
  // In whole seconds, so that what is used and what is left come to the slot.
  const offMs = Math.abs(slotSec - wholeSec(totalMs)) * 1000;
  const rest = over ? `${length(offMs)} over` : `${length(offMs)} left`;
  return (
    <div className={styles.gaugeBox}>
      <div
        className={`${styles.gauge} ${over ? styles.over : ''}`}
        role="img"
        aria-label={`${minSecTo(totalMs, mostMs)} of ${minSec(slotMs)}, ${rest}`}
      >
        {most > share && <div className={styles.upTo} style={{ width: `${most * 100}%` }} />}
        <div className={styles.fill} style={{ width: `${share * 100}%` }} />
        {over && <div className={styles.mark} style={{ left: `${(slotMs / totalMs) * 100}%` }} />}
      </div>
      <span className="tabular">
        <b>{minSecTo(totalMs, mostMs)}</b> of
      </span>
      <Suspense fallback={<span className={`tabular ${styles.slotComes}`}>{slotSec / 60} min</span>}>
        <NumberField
          id={SLOT_FIELD}
          name="Slot in minutes"
          enterLeaves
          className={styles.slot}
          min={0.5}
          max={60}
          precision={1}
          unit="min"
          value={slotSec / 60}
          change={(v) => setSlot(Math.round(v * 60))}
        />
      </Suspense>
      <span className={over ? styles.overText : 'muted'}>{rest}</span>
    </div>
  );
};
