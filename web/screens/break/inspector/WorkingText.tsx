import { type Part, type Term, workingOf } from '@kotabi/core/timing';
import styles from './inspector.module.css';

const KIND: Record<Term['kind'], string> = {
  before: 'get into place',
  note: 'words',
  say: 'say',
  change: 'change',
  work: 'work',
  return: 'back',
};
const LABEL = {
  before: '',
  together: '',
  after: '',
  left: 'left',
  right: 'right',
  alternating: 'in turn',
} as const;
const sec = (ms: number): string => String(Number((ms / 1000).toFixed(3)));

/** How the time comes about, number by number. */
export const WorkingText = ({ parts, chained }: { parts: readonly Part[]; chained: boolean }) => {
  const { groups, totalMs, mostMs } = workingOf(parts);
  return (
    <div className={styles.working}>
      <h3>{chained ? 'Working of the series' : 'Working'}</h3>
      {groups.map((g, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the groups are a sum, told in its order
        <p key={i} className="tabular">
          {LABEL[g.label] && !(g.label === 'alternating' && groups[i - 1]?.label === g.label) && (
            <b className={LABEL[g.label]}>{LABEL[g.label]} </b>
          )}
          {g.terms.map((t, n) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: likewise
            <span key={n}>
              {n > 0 && ' + '}
              {sec(t.lengthMs)} <span className="muted">{KIND[t.kind]}</span>
            </span>
          ))}
          {i < groups.length - 1 ? ' +' : ''}
        </p>
      ))}
      <p className="tabular">
        ={' '}
        <b>
          {sec(totalMs)}
          {mostMs > totalMs && ` to ${sec(mostMs)}`} s
        </b>
      </p>
    </div>
  );
};
