import type { StepRecord, WorkPair } from '@kotabi/core/record';
import { fullSeconds, seconds } from '../../words/time';
import styles from './log.module.css';

const Bar = ({
  pair,
  most,
  side,
}: {
  pair: WorkPair | null;
  most: number;
  side: 'left' | 'right' | 'together';
}) => {
  if (!pair) return null;
  const width = (ms: number): string => `${(100 * ms) / most}%`;
  const short = pair.doneMs < pair.plannedMs;
  const planned = seconds(pair.plannedMs);
  const done = (short ? fullSeconds : seconds)(pair.doneMs);
  return (
    <div className={`${styles.bar} ${styles[side]}`} role="img" aria-label={`${side}: ${done} of ${planned}`}>
      <div className={styles.track}>
        <div className={styles.planned} style={{ width: width(pair.plannedMs) }} />
        <div className={styles.done} style={{ width: width(Math.min(pair.doneMs, most)) }} />
      </div>
      <span className={`tabular small ${short ? styles.short : 'muted'}`}>
        {done === planned ? done : `${done} of ${planned}`}
      </span>
    </div>
  );
};

/** Plan (outline) against done (solid) on one spine: left things left, right things right, together across. */
export const DoneChart = ({ steps }: { steps: readonly StepRecord[] }) => {
  const all = steps.flatMap((s) => [s.left, s.right, s.together].filter((p) => p !== null));
  const most = Math.max(1, ...all.flatMap((p) => [p.plannedMs, p.doneMs]));
  return (
    <ol className={styles.steps}>
      {steps.map((s) => (
        <li key={s.stepId}>
          <span className={styles.stepName}>
            {s.moveName}
            {s.meanwhile && <span className="small muted"> meanwhile: {s.meanwhile}</span>}
          </span>
          {s.together ? (
            <div className={styles.across}>
              <Bar pair={s.together} most={most} side="together" />
            </div>
          ) : (
            <div className={styles.sides}>
              <div>
                <Bar pair={s.left} most={most} side="left" />
              </div>
              <div>
                <Bar pair={s.right} most={most} side="right" />
              </div>
            </div>
          )}
        </li>
      ))}
    </ol>
  );
};
