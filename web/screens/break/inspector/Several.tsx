import { rungOf, type Step } from '@kotabi/core/model';
import { type PlacedStep, placedSteps, stepDose } from '@kotabi/core/timing';
import { Button } from 'antd';
import { Minus, Plus } from 'lucide-react';
import type { Actions } from '../useActions';
import type { TimedBreak } from '../useTimed';
import styles from './inspector.module.css';

interface Props {
  timed: TimedBreak;
  selected: readonly string[];
  actions: Actions;
}

interface Pair {
  what: string;
  less: string;
  more: string;
  by: (by: 1 | -1) => void;
}

const rungText = ({ step, move }: Pick<PlacedStep, 'step' | 'move'>): string =>
  move.rungs.length > 1 ? (rungOf(move, step.rung)?.name ?? '') : '';

/** Several chosen steps: what each has, and what changes for all of them together. */
export const Several = ({ timed, selected, actions }: Props) => {
  const chosen = placedSteps(timed.resolved).filter((at) => selected.includes(at.step.id));
  const pairs: Pair[] = [
    { what: 'Dose', less: 'Less for all', more: 'More for all', by: actions.dose },
    { what: 'Rung', less: 'Easier rung for all', more: 'Stronger rung for all', by: actions.rung },
    { what: 'Sets', less: 'One set less for all', more: 'One set more for all', by: actions.sets },
  ];
  const all = (is: (s: Step) => boolean | undefined): boolean => chosen.every(({ step }) => is(step));
  return (
    <div className={styles.inspector}>
      <div className={styles.kicker}>
        {chosen.length} of {placedSteps(timed.resolved).length} steps
      </div>
      <h2>Chosen together</h2>
      <div className={styles.fields}>
        {pairs.map(({ what, less, more, by }) => (
          <div key={what} className={styles.together}>
            <span>{what}</span>
            <Button size="small" aria-label={less} icon={<Minus size={14} />} onClick={() => by(-1)} />
            <Button size="small" aria-label={more} icon={<Plus size={14} />} onClick={() => by(1)} />
          </div>
        ))}
      </div>
      <div className={styles.togetherMore}>
        <Button size="small" onClick={actions.lock}>
          {all((s) => s.locked) ? 'Unlock all' : 'Lock all'}
        </Button>
        <Button size="small" onClick={actions.keep}>
          {all((s) => s.keep) ? 'Need not be kept' : 'Always keep all'}
        </Button>
        <Button size="small" onClick={actions.duplicate}>
          Duplicate
        </Button>
        <Button size="small" danger onClick={actions.remove}>
          Remove
        </Button>
      </div>
      <ol className={styles.severalList}>
        {chosen.map((at) => (
          <li key={at.step.id}>
            <b>{at.move.name}</b>
            <span className="tabular">{stepDose(at)}</span>
            {rungText(at) && <span className="muted small">{rungText(at)}</span>}
          </li>
        ))}
      </ol>
    </div>
  );
};
