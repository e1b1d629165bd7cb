import { isTwoWay, MOST_AMOUNT, type Move, type Pace, type Step } from '@kotabi/core/model';
import { Input, Switch } from 'antd';
import { useId } from 'react';
import { NumberField } from '../../../fields/NumberField';
import type { Change } from '../useActions';
import styles from './inspector.module.css';
import { MeanwhileFields } from './MeanwhileFields';

interface Props {
  step: Step;
  move: Move;
  pace: Pace;
  chained: boolean;
  change: Change;
}

/** True when something of it is set, so that nobody has to open it to see that. */
const isSet = ({ dose, breath, oneByOne, turned, second, meant, meanwhile }: Step): boolean =>
  dose.to !== undefined ||
  (dose.measure === 'seconds' && dose.open === true) ||
  (dose.measure === 'reps' && dose.holdSec !== undefined) ||
  [breath, oneByOne, turned, second, meant, meanwhile].some((x) => x !== undefined);

/** A switch that says what it does. */
const Toggle = ({ label, on, set }: { label: string; on: boolean; set: (on: boolean) => void }) => {
  const id = useId();
  return (
    <>
      <label htmlFor={id}>{label}</label>
      <div>
        <Switch id={id} size="small" checked={on} onChange={set} />
      </div>
    </>
  );
};

/** A number that may be left empty. */
const Optional = (p: {
  label: string;
  value: number | undefined;
  min: number;
  max: number;
  unit: string;
  step?: number;
  precision?: number;
  none: string;
  set: (value: number | undefined) => void;
}) => {
  const id = useId();
  return (
    <>
      <label htmlFor={id}>{p.label}</label>
      <NumberField
        id={id}
        name={p.label}
        labelled
        min={p.min}
        max={p.max}
        step={p.step ?? 1}
        precision={p.precision ?? 0}
        unit={p.unit}
        placeholder={p.none}
        value={p.value ?? null}
        change={p.set}
        clear={() => p.set(undefined)}
      />
    </>
  );
};

const UNIT = { seconds: 's', breaths: 'breaths', reps: 'times' } as const;

/** What only some steps need: a range, a hold inside each repetition, a breath of its own, the ways one by one. */
export const MoreDose = ({ step, move, pace, chained, change }: Props) => {
  const { dose, breath, second } = step;
  const set = (label: string, recipe: (s: Step) => void, key?: string): void => change(label, recipe, key);
  const own = (recipe: (b: NonNullable<Step['breath']>) => void): void =>
    set(
      'breath of its own',
      (s) => {
        const b = { ...s.breath };
        recipe(b);
        if (b.breathsPerMinute === undefined && b.exhaleRatio === undefined) delete s.breath;
        else s.breath = b;
      },
      'own breath',
    );
  const twoWay = isTwoWay(move);
  const [, other] = move.ways.directions ?? [];
  return (
    <details className={styles.more} open={isSet(step) || undefined}>
      <summary>More about the dose</summary>
      <div className={styles.fields}>
        <Optional
          label="Up to"
          none="no range"
          min={dose.amount + 1}
          max={MOST_AMOUNT[dose.measure]}
          unit={UNIT[dose.measure]}
          value={dose.to}
          set={(v) =>
            set(
              'range of the dose',
              (s) => {
                if (v === undefined) delete s.dose.to;
                else s.dose.to = v;
              },
              'to',
            )
          }
        />
        {dose.measure === 'seconds' && (
          <Toggle
            label="Until I go on"
            on={dose.open === true}
            set={(on) =>
              set('open hold', (s) => {
                if (s.dose.measure !== 'seconds') return;
                if (on) s.dose.open = true;
                else delete s.dose.open;
              })
            }
          />
        )}
        {dose.measure === 'reps' && (
          <Optional
            label="Each held"
            none="not held"
            min={0.5}
            max={60}
            step={0.5}
            precision={1}
            unit="s"
            value={dose.holdSec}
            set={(v) =>
              set(
                'hold inside each repetition',
                (s) => {
                  if (s.dose.measure !== 'reps') return;
                  if (v === undefined) delete s.dose.holdSec;
                  else s.dose.holdSec = v;
                },
                'held',
              )
            }
          />
        )}
        {dose.measure === 'reps' && twoWay && (
          <Toggle
            label="One by one"
            on={step.oneByOne === true}
            set={(on) =>
              set('one by one', (s) => {
                if (on) s.oneByOne = true;
                else delete s.oneByOne;
              })
            }
          />
        )}
        {chained && twoWay && (
          <Toggle
            label="Other way round"
            on={step.turned === true}
            set={(on) =>
              set('turn the link', (s) => {
                if (on) s.turned = true;
                else delete s.turned;
              })
            }
          />
        )}
        <Optional
          label="Breaths"
          none={`${pace.breathsPerMinute}, as the break`}
          min={2}
          max={20}
          step={0.5}
          precision={1}
          unit="a minute"
          value={breath?.breathsPerMinute}
          set={(v) =>
            own((b) => {
              if (v === undefined) delete b.breathsPerMinute;
              else b.breathsPerMinute = v;
            })
          }
        />
        <Optional
          label="Out, for each in"
          none={`${pace.exhaleRatio}, as the break`}
          min={0.5}
          max={4}
          step={0.5}
          precision={1}
          unit="times"
          value={breath?.exhaleRatio}
          set={(v) =>
            own((b) => {
              if (v === undefined) delete b.exhaleRatio;
              else b.exhaleRatio = v;
            })
          }
        />
        {other && step.directions === 'both' && (
          <>
            <Optional
              label={`${other[0]?.toUpperCase()}${other.slice(1)}`}
              none="the same"
              min={1}
              max={MOST_AMOUNT[dose.measure]}
              unit={UNIT[dose.measure]}
              value={second?.amount}
              set={(v) =>
                set(
                  'amount of the second direction',
                  (s) => {
                    if (v === undefined) delete s.second;
                    else s.second = { amount: v, reason: s.second?.reason ?? 'on purpose' };
                  },
                  'second',
                )
              }
            />
            {second && (
              <Reason
                value={second.reason}
                set={(reason) =>
                  set('reason', (s) => {
                    if (s.second && reason.trim()) s.second.reason = reason;
                  })
                }
              />
            )}
          </>
        )}
        {move.kind !== 'pause' && <MeanwhileFields step={step} move={move} change={change} />}
        {(step.sides !== 'both' || step.directions !== 'both') && (
          <Reason
            label="One way, meant"
            value={step.meant ?? ''}
            set={(reason) =>
              set(
                'why one way only',
                (s) => {
                  if (reason.trim()) s.meant = reason;
                  else delete s.meant;
                },
                'meant',
              )
            }
          />
        )}
      </div>
    </details>
  );
};

const Reason = ({
  label = 'Reason',
  value,
  set,
}: {
  label?: string;
  value: string;
  set: (text: string) => void;
}) => {
  const id = useId();
  return (
    <>
      <label htmlFor={id}>{label}</label>
      <Input id={id} maxLength={300} placeholder="why" value={value} onChange={(e) => set(e.target.value)} />
    </>
  );
};
