import { cueContext } from '@kotabi/core/approach';
import { countWords, resolveCue } from '@kotabi/core/cues';
import type { Approach, Move, Pace, Side, Step } from '@kotabi/core/model';
import { type Part, sayMs } from '@kotabi/core/timing';
import { seconds } from '../../../words/time';
import styles from './inspector.module.css';
import { Tinted } from './Tinted';

interface Props {
  step: Step;
  move: Move;
  parts: readonly Part[];
  pace: Pace;
  approach: Approach;
}

const count = (text: string): string => {
  const n = countWords(text);
  return `${n} word${n === 1 ? '' : 's'}`;
};

/** What to say for each side and direction, and what to feel and check, with the time it takes to say it. */
export const Words = ({ step, move, parts, pace, approach }: Props) => {
  const own = parts.filter((p) => p.stepId === step.id);
  const said = own.filter((p) => p.kind === 'say' || p.kind === 'change');
  /** The sides it is said for, in their order; what reads the same for both stands once. */
  const sides: (Side | null)[] = [...new Set(own.filter((p) => p.kind === 'work').map((p) => p.side))];
  const during = [
    ['Go', move.cues.go],
    ['Feel', move.cues.feel],
    ['Check', move.cues.check],
    ['Breathe', move.cues.breathe],
    ['Last', move.cues.last],
    ['Back', move.cues.back],
  ] as const;
  return (
    <div className={styles.words}>
      <h3>Say</h3>
      {said.map((p) => (
        <p
          key={p.index}
          className={p.side === 'left' ? styles.sayLeft : p.side === 'right' ? styles.sayRight : styles.say}
        >
          <Tinted text={p.text} />{' '}
          <span className={styles.meta}>
            {count(p.text)} · {seconds(p.lengthMs)}
          </span>
        </p>
      ))}
      <dl className={styles.during}>
        {during.map(([name, cue]) => {
          if (!cue) return null;
          if (move.onlyWords) return null;
          const texts = [
            ...new Set(sides.map((s) => resolveCue(cue, cueContext(move, approach, { side: s })))),
          ];
          return (
            <div key={name}>
              <dt>{name}</dt>
              {texts.map((text) => (
                <dd key={text}>
                  <Tinted text={text} />{' '}
                  {name !== 'Back' && <span className={styles.meta}>{seconds(sayMs(text, pace))}</span>}
                </dd>
              ))}
            </div>
          );
        })}
      </dl>
    </div>
  );
};
