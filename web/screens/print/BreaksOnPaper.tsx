import { type Break, isTwoWay } from '@kotabi/core/model';
import { placedSteps, stepDose, timed } from '@kotabi/core/timing';
import { useMoves } from '../../api/queries';
import { Figure } from '../../figure/Figure';
import { minSec, together } from '../../words/time';
import styles from './print.module.css';

/** What is done in each break of the week: its moves with a small figure, the dose, and that both sides are meant. */
export const BreaksOnPaper = ({ breaks }: { breaks: readonly Break[] }) => {
  const { lookup, approach } = useMoves();
  return (
    <div className={styles.breaks}>
      {breaks.map((brk) => {
        const t = timed(brk, lookup, approach);
        if (!t.ok) return null;
        return (
          <section key={brk.id}>
            <h2>
              {brk.name} <span>{minSec(t.timeline.totals.totalMs)} min</span>
            </h2>
            <ol>
              {placedSteps(t.resolved)
                .filter((at) => at.move.kind !== 'pause')
                .map((at) => (
                  <li key={at.step.id}>
                    <Figure
                      move={at.move}
                      rung={at.step.rung}
                      position={at.position}
                      width={40}
                      side={isTwoWay(at.move) ? 'left' : undefined}
                      plain
                    />
                    <span>
                      <b>{at.move.name}</b> {together(stepDose(at))}
                    </span>
                  </li>
                ))}
            </ol>
          </section>
        );
      })}
    </div>
  );
};
