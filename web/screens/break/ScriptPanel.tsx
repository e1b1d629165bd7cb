import type { Break } from '@kotabi/core/model';
import { placedSteps } from '@kotabi/core/timing';
import { Printer } from 'lucide-react';
import { Link } from 'react-router';
import { Script } from '../../sheet/Script';
import styles from './break.module.css';
import type { TimedBreak } from './useTimed';

interface Props {
  brk: Break;
  timed: TimedBreak;
  selected: readonly string[];
  onSelect: (stepId: string) => void;
}

/** All that is said in the break, beside the sheet; the chosen step stays in view. */
export const ScriptPanel = ({ brk, timed, selected, onSelect }: Props) => (
  <>
    <Link to={`/print/break/${brk.id}`} className={styles.printScript}>
      <Printer size={15} aria-hidden="true" /> Print the script
    </Link>
    {timed.timeline.parts.length === 0 ? (
      <p className="muted small">Nothing is said yet: the sheet is empty.</p>
    ) : (
      <Script
        steps={placedSteps(timed.resolved)}
        timeline={timed.timeline}
        selected={selected}
        onSelect={onSelect}
      />
    )}
  </>
);
