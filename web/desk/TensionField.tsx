import { useId } from 'react';
import styles from './desk.module.css';
import { say } from './words/words';

/** How tight somebody is, 0 to 10, if they like to say. */
export const TensionField = ({ value, set }: { value: number | null; set: (value: number) => void }) => {
  const id = useId();
  return (
    <div className={styles.tension}>
      <label htmlFor={id}>
        <h2>{say('tension')}</h2>
      </label>
      <input
        id={id}
        type="range"
        data-said={value !== null}
        min={0}
        max={10}
        step={1}
        value={value ?? 5}
        aria-valuetext={value === null ? say('tensionNone') : say('tensionValue', { value })}
        onChange={(e) => set(Number(e.target.value))}
        onClick={(e) => set(Number(e.currentTarget.value))}
      />
      <div className={styles.ends} aria-hidden="true">
        <span>{say('tensionLow')}</span>
        <b>{value ?? say('tensionNone')}</b>
        <span>{say('tensionHigh')}</span>
      </div>
    </div>
  );
};
