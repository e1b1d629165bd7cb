import type { Finding } from '@kotabi/core/review';
import { type ResolvedBreak, stepMoves } from '@kotabi/core/timing';
import { findingWords } from '../../words/findings';
import styles from './break.module.css';

interface Props {
  findings: readonly Finding[];
  resolved: ResolvedBreak;
  select: (ids: string[]) => void;
}

/** What a careful colleague would notice about the whole break; a finding leads to its step. */
export const Findings = ({ findings, resolved, select }: Props) => {
  const moveOf = stepMoves(resolved);
  if (resolved.items.length === 0) return null;
  return (
    <section className={styles.findings} aria-label="Review" aria-live="polite">
      <h3>
        Review
        <span className="muted small"> {findings.length === 0 ? '' : `· ${findings.length} to look at`}</span>
      </h3>
      {findings.length === 0 && (
        <p className="muted small">Nothing stands out. Sides are even and it fits its slot.</p>
      )}
      <ul>
        {findings.map((f) => {
          const words = findingWords(f);
          const [stepId] = f.stepIds;
          const place = stepId && f.code === 'overSlot' ? `from ${moveOf(stepId)?.name} on` : '';
          return (
            <li
              key={`${f.code}.${stepId ?? ''}`}
              className={f.weight === 'caution' ? styles.caution : styles.look}
            >
              <b>
                {f.weight === 'caution' && <span className={styles.weight}>Caution</span>} {words.title}
                {place && `, ${place}`}
              </b>
              <span className="small muted">{words.why}</span>
              {stepId && (
                <button type="button" className={styles.show} onClick={() => select([stepId])}>
                  Show the step
                </button>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
};
