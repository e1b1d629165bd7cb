import { Send, Undo2 } from 'lucide-react';
import type { GivenNow } from '../../week/useGiven';
import styles from '../../week/week.module.css';
import { givenAtText, givenCountText } from '../../words/given';

/** Whether others see the week as it stands: a draft, given out, or given out and changed since. */
export const GivenNote = ({ given: { state, changes }, kept }: { given: GivenNow; kept: boolean }) => {
  // Of what has never been kept it is said already that nothing is planned.
  if (state === undefined || !kept) return null;
  if (state === null)
    return (
      <span
        className={styles.draft}
        role="status"
        aria-label="Given out"
        title="A draft: nobody else sees it before it is given out"
      >
        Not given out yet
      </span>
    );
  return changes.length > 0 ? (
    <span className={styles.draft} role="status" aria-label="Given out" title={givenCountText(changes)}>
      <Undo2 size={14} aria-hidden="true" /> {changes.length} change{changes.length === 1 ? '' : 's'} not
      given out yet
    </span>
  ) : (
    <span
      className={styles.given}
      role="status"
      aria-label="Given out"
      title={`Given out ${givenAtText(state.givenAt)}`}
    >
      <Send size={14} aria-hidden="true" /> Given out
    </span>
  );
};
