import { type Dose, doseStep, type Move, type Step } from '@kotabi/core/model';
import { InputNumber, Select, Switch } from 'antd';
import { useId } from 'react';
import styles from '../break.module.css';
import type { Actions } from '../useActions';

interface Props {
  step: Step;
  move: Move;
  /** Whole breaths as the break has it. */
  whole: boolean;
  change: Actions['change'];
}

const MEASURES = [
  { value: 'seconds', label: 'seconds' },
  { value: 'breaths', label: 'breaths' },
  { value: 'reps', label: 'times' },
] as const;

/** The same step in another measure, from the amount people usually do. */
const inMeasure = (measure: Dose['measure'], move: Move): Dose => {
  const { usual } = move.dose;
  if (usual.measure === measure) return usual;
  if (measure === 'seconds') return { measure, amount: 20 };
  return measure === 'breaths' ? { measure, amount: 3 } : { measure, amount: 5, repSec: 4 };
};

const LIMIT = { seconds: 600, breaths: 60, reps: 100 } as const;

/** How much: amount and measure, the length of a repetition, sets, whole breaths. */
export const DoseFields = ({ step, move, whole, change }: Props) => {
  const id = useId();
  const { dose } = step;
  const band = move.dose;
  const inBand = band.usual.measure === dose.measure;
  // Moves that go from side to side are counted in repetitions.
  const measures = move.ways.pattern === 'alternate' ? MEASURES.filter((m) => m.value === 'reps') : MEASURES;
  return (
    <div className={styles.fields}>
      <label htmlFor={`${id}amount`}>Dose</label>
      <div className={styles.pair}>
        <InputNumber
          id={`${id}amount`}
          min={1}
          max={LIMIT[dose.measure]}
          step={doseStep(dose)}
          precision={0}
          value={dose.amount}
          onChange={(v) =>
            v !== null &&
            change(
              'change the dose',
              (s) => {
                s.dose.amount = v;
              },
              'dose',
            )
          }
        />
        <Select
          aria-label="Measure of the dose"
          value={dose.measure}
          options={[...measures]}
          onChange={(measure) =>
            change('change the measure', (s) => {
              s.dose = inMeasure(measure, move);
            })
          }
        />
      </div>
      {inBand && (
        <span className={styles.hint}>
          usual {band.usual.amount}, from {band.least} to {band.most}
        </span>
      )}
      {dose.measure === 'reps' && (
        <>
          <label htmlFor={`${id}rep`}>Each takes</label>
          <div className={styles.pair}>
            {dose.repSec === 'breath' ? (
              <span className={styles.value}>one breath</span>
            ) : (
              <InputNumber
                id={`${id}rep`}
                min={0.5}
                max={60}
                step={0.5}
                precision={1}
                formatter={(v) => String(Number(v))}
                suffix="s"
                value={dose.repSec}
                onChange={(v) =>
                  v !== null &&
                  change(
                    'change the tempo',
                    (s) => {
                      if (s.dose.measure === 'reps') s.dose.repSec = v;
                    },
                    'rep',
                  )
                }
              />
            )}
            <label className={styles.inline} htmlFor={`${id}breath`}>
              <Switch
                id={`${id}breath`}
                size="small"
                checked={dose.repSec === 'breath'}
                onChange={(on) =>
                  change('change the tempo', (s) => {
                    if (s.dose.measure === 'reps') s.dose.repSec = on ? 'breath' : 4;
                  })
                }
              />
              one a breath
            </label>
          </div>
        </>
      )}
      {dose.measure === 'seconds' && (
        <>
          <label htmlFor={`${id}whole`}>Whole breaths</label>
          <div className={styles.pair}>
            <Switch
              id={`${id}whole`}
              size="small"
              checked={step.wholeBreaths ?? whole}
              onChange={(on) =>
                change('whole breaths', (s) => {
                  if (on === whole) delete s.wholeBreaths;
                  else s.wholeBreaths = on;
                })
              }
            />
          </div>
        </>
      )}
      <label htmlFor={`${id}sets`}>Sets</label>
      <div className={styles.pair}>
        <InputNumber
          id={`${id}sets`}
          min={1}
          max={10}
          precision={0}
          value={step.sets}
          onChange={(v) =>
            v !== null &&
            change(
              'change the sets',
              (s) => {
                s.sets = v;
              },
              'sets',
            )
          }
        />
      </div>
    </div>
  );
};
