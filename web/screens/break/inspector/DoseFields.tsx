import {
  type BreathRep,
  type Dose,
  doseStep,
  MOST_AMOUNT,
  type Move,
  type Step,
  withAmount,
} from '@kotabi/core/model';
import { Select, Switch } from 'antd';
import { useId } from 'react';
import { NumberField } from '../../../fields/NumberField';
import type { Change } from '../useActions';
import styles from './inspector.module.css';

interface Props {
  step: Step;
  move: Move;
  /** Whole breaths as the break has it. */
  whole: boolean;
  change: Change;
}

const MEASURES = [
  { value: 'seconds', label: 'seconds' },
  { value: 'breaths', label: 'breaths' },
  { value: 'reps', label: 'times' },
] as const;

const REP_BY: { value: 'seconds' | BreathRep; label: string }[] = [
  { value: 'seconds', label: 'seconds' },
  { value: 'half a breath', label: 'half a breath' },
  { value: 'breath', label: 'one breath' },
  { value: 'two breaths', label: 'two breaths' },
];

const NAMES = { seconds: 'seconds', breaths: 'breaths', reps: 'repetitions' } as const;

/** The same step in another measure, from the amount people usually do. */
const inMeasure = (measure: Dose['measure'], move: Move): Dose => {
  const { usual } = move.dose;
  if (usual.measure === measure) return usual;
  if (measure === 'seconds') return { measure, amount: 20 };
  return measure === 'breaths' ? { measure, amount: 3 } : { measure, amount: 5, repSec: 4 };
};

/** How much: amount and measure, the length of a repetition, sets, whole breaths. */
export const DoseFields = ({ step, move, whole, change }: Props) => {
  const id = useId();
  const { dose } = step;
  const band = move.dose;
  const inBand = band.usual.measure === dose.measure;
  return (
    <div className={styles.fields}>
      <label htmlFor={`${id}amount`}>Dose</label>
      <div className={styles.pair}>
        <NumberField
          id={`${id}amount`}
          name={`The dose in ${NAMES[dose.measure]}`}
          labelled
          min={1}
          max={MOST_AMOUNT[dose.measure]}
          step={doseStep(dose)}
          value={dose.amount}
          change={(v) =>
            change(
              'change the dose',
              (s) => {
                s.dose = withAmount(s.dose, v);
              },
              'dose',
            )
          }
        />
        <Select
          aria-label="Measure of the dose"
          value={dose.measure}
          options={[...MEASURES]}
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
            {typeof dose.repSec === 'number' ? (
              <NumberField
                id={`${id}rep`}
                name="One repetition"
                labelled
                min={0.5}
                max={60}
                step={0.5}
                precision={1}
                value={dose.repSec}
                change={(v) =>
                  change(
                    'change the tempo',
                    (s) => {
                      if (s.dose.measure === 'reps') s.dose.repSec = v;
                    },
                    'rep',
                  )
                }
              />
            ) : (
              <span className={styles.value}>each</span>
            )}
            <Select
              aria-label="What each repetition goes by"
              value={typeof dose.repSec === 'number' ? 'seconds' : dose.repSec}
              options={REP_BY}
              onChange={(by) =>
                change('change the tempo', (s) => {
                  if (s.dose.measure === 'reps') s.dose.repSec = by === 'seconds' ? 4 : (by as BreathRep);
                })
              }
            />
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
        <NumberField
          id={`${id}sets`}
          name="The number of sets"
          labelled
          min={1}
          max={10}
          value={step.sets}
          change={(v) =>
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
