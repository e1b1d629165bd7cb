import type { Approach, MoveLookup } from '@kotabi/core/model';
import { type Character, characterOf, type Suggestion, type SuggestRequest } from '@kotabi/core/suggest';
import { placedSteps, stepDose, type Timed, timed } from '@kotabi/core/timing';
import { Button } from 'antd';
import { MiniSpine } from '../../../sheet/MiniSpine';
import { characterWords } from '../../../words/character';
import { reasonWords, stoppedEarly } from '../../../words/reasons';
import { minSec } from '../../../words/time';
import styles from './dialogs.module.css';

interface CardProps {
  s: Suggestion;
  t: Timed;
  n: number;
  /** What it is like beside the others, in a sentence. */
  like: string;
  take: () => void;
}

const Card = ({ s, t, n, like, take }: CardProps) => {
  const steps = t.ok ? placedSteps(t.resolved) : [];
  return (
    <section className={styles.suggestion} aria-label={`Suggestion ${n}`}>
      <header>
        <MiniSpine parts={t.ok ? t.timeline.parts : []} />
        <div>
          <h3>Suggestion {n}</h3>
          <p className="tabular small">
            <b>{minSec(t.ok ? t.timeline.totals.totalMs : 0)}</b> of {minSec(s.brk.slotSec * 1000)} min
          </p>
          <p className="muted small">{steps.length} steps</p>
        </div>
      </header>
      <p className={styles.like}>
        {like} {stoppedEarly(s.gap)}
      </p>
      <Button type="primary" onClick={take}>
        Take this one
      </Button>
      <ol>
        {steps.map((at) => {
          const { step, move } = at;
          const reason = s.reasons[step.id];
          return (
            <li key={step.id}>
              <b>{move.name}</b>
              <span className={styles.stepLine}>
                <span className="muted small">{reason && reasonWords(reason)}</span>
                <span>{stepDose(at)}</span>
              </span>
            </li>
          );
        })}
      </ol>
    </section>
  );
};

/** The suggestions of one answer, each told beside the others. */
export const SuggestCards = ({
  suggestions,
  all: known,
  targets,
  lookup,
  approach,
  take,
}: {
  suggestions: readonly Suggestion[];
  /** True when no more are to come: only then it can be said how they differ. */
  all: boolean;
  targets: SuggestRequest['targets'];
  lookup: MoveLookup;
  approach: Approach;
  take: (s: Suggestion) => void;
}) => {
  const made = suggestions.map((s) => timed(s.brk, lookup, approach));
  const characters = made.map((t): Character | null => (t.ok ? characterOf(t, targets) : null));
  const all = characters.filter((c) => c !== null);
  return (
    <div className={styles.cards}>
      {suggestions.map((s, i) => {
        const t = made[i];
        const one = characters[i];
        return (
          t && (
            <Card
              // biome-ignore lint/suspicious/noArrayIndexKey: suggestions are told in their order
              key={i}
              s={s}
              t={t}
              n={i + 1}
              like={one && known ? characterWords(one, all) : ''}
              take={() => take(s)}
            />
          )
        );
      })}
    </div>
  );
};
