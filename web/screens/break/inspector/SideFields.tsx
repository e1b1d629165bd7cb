import { type Break, isTwoWay, MOST_AMOUNT, type Move, type Side, type Step } from '@kotabi/core/model';
import { Input, Select, Switch } from 'antd';
import { useId } from 'react';
import { NumberField } from '../../../fields/NumberField';
import type { Change } from '../useActions';
import styles from './inspector.module.css';

interface Props {
  step: Step;
  move: Move;
  brk: Break;
  chained: boolean;
  change: Change;
}

/** Sides and first side as one choice of words. */
const choices = (first: Side) => [
  { value: 'first-left', label: 'left, then right' },
  { value: 'first-right', label: 'right, then left' },
  { value: 'as-break', label: `as the break, ${first} first` },
  { value: 'left', label: 'left only' },
  { value: 'right', label: 'right only' },
];

const chosen = ({ sides, firstSide }: Step): string => {
  if (sides !== 'both') return sides;
  return firstSide ? `first-${firstSide}` : 'as-break';
};

const UnevenFields = ({ step, change }: Pick<Props, 'step' | 'change'>) => {
  const id = useId();
  const { uneven, dose } = step;
  return (
    <>
      <label htmlFor={`${id}on`}>Uneven on purpose</label>
      <div className={styles.pair}>
        <Switch
          id={`${id}on`}
          size="small"
          checked={uneven !== undefined}
          onChange={(on) =>
            change('uneven on purpose', (s) => {
              if (on) s.uneven = { side: 'left', amount: s.dose.amount, reason: '' };
              else delete s.uneven;
            })
          }
        />
      </div>
      {uneven && (
        <>
          <Select
            aria-label="Side that gets another amount"
            value={uneven.side}
            options={[
              { value: 'left', label: 'left gets' },
              { value: 'right', label: 'right gets' },
            ]}
            onChange={(side) =>
              change('uneven on purpose', (s) => {
                if (s.uneven) s.uneven.side = side;
              })
            }
          />
          <div className={styles.pair}>
            <NumberField
              name="Amount on that side"
              min={1}
              max={MOST_AMOUNT[dose.measure]}
              value={uneven.amount}
              unit={dose.measure === 'seconds' ? 's' : dose.measure === 'reps' ? 'times' : dose.measure}
              change={(v) =>
                change(
                  'uneven on purpose',
                  (s) => {
                    if (s.uneven) s.uneven.amount = v;
                  },
                  'uneven',
                )
              }
            />
          </div>
          <label htmlFor={`${id}why`}>Reason</label>
          <Input
            id={`${id}why`}
            maxLength={300}
            placeholder="the left is tighter today"
            value={uneven.reason}
            onChange={(e) => {
              const { value } = e.target;
              change(
                'reason for uneven sides',
                (s) => {
                  if (s.uneven) s.uneven.reason = value;
                },
                'reason',
              );
            }}
          />
        </>
      )}
    </>
  );
};

/** Which ways are done, which comes first, which directions. */
export const SideFields = ({ step, move, brk, chained, change }: Props) => {
  const id = useId();
  const names = move.ways.directions;
  return (
    <div className={styles.fields}>
      {isTwoWay(move) && (
        <>
          <label htmlFor={`${id}sides`}>Sides</label>
          <Select
            id={`${id}sides`}
            value={chosen(step)}
            options={
              chained
                ? [
                    { value: 'as-break', label: 'as the series' },
                    ...choices(brk.firstSide).filter((c) => ['left', 'right'].includes(c.value)),
                  ]
                : choices(brk.firstSide)
            }
            onChange={(value) =>
              change('change the sides', (s) => {
                s.sides = value === 'left' || value === 'right' ? value : 'both';
                if (value === 'first-left') s.firstSide = 'left';
                else if (value === 'first-right') s.firstSide = 'right';
                else delete s.firstSide;
              })
            }
          />
          {step.sides === 'both' && <UnevenFields step={step} change={change} />}
        </>
      )}
      {names && (
        <>
          <label htmlFor={`${id}directions`}>Directions</label>
          <Select
            id={`${id}directions`}
            className={styles.twoLines}
            value={step.directions}
            options={[
              { value: 'both', label: `${names[0]}, then ${names[1]}` },
              { value: 'first', label: `${names[0]} only` },
              { value: 'second', label: `${names[1]} only` },
            ]}
            onChange={(directions) =>
              change('change the directions', (s) => {
                s.directions = directions;
              })
            }
          />
        </>
      )}
    </div>
  );
};
