import styles from './tension.module.css';

interface Props {
  labelledBy: string;
  value: number | null;
  set: (value: number | null) => void;
}

/** Tension of the group, 0 none to 10 the worst there is; pressing the chosen number again takes it back. */
export const Tension = ({ labelledBy, value, set }: Props) => (
  <div>
    <div className={styles.scale} role="group" aria-labelledby={labelledBy}>
      {Array.from({ length: 11 }, (_, n) => (
        <button
          // biome-ignore lint/suspicious/noArrayIndexKey: the scale never changes
          key={n}
          type="button"
          aria-pressed={value === n}
          className={value === n ? styles.scaleOn : ''}
          onClick={() => set(value === n ? null : n)}
        >
          {n}
        </button>
      ))}
    </div>
    <div className={styles.scaleWords} aria-hidden="true">
      <span>none</span>
      <span>{value === null ? 'not asked' : ''}</span>
      <span>worst</span>
    </div>
  </div>
);
