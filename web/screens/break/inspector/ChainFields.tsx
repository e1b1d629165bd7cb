import { type Chain, MOST_CHAIN_ROUNDS, Step, withAmount } from '@kotabi/core/model';
import { Select } from 'antd';
import { nanoid } from 'nanoid';
import { useId } from 'react';

import { NumberField } from '../../../fields/NumberField';
import type { BreakStore } from '../store';
import styles from './inspector.module.css';

const REST = 'pause-rest';
const restStep = (amount: number): Step =>
  Step.parse({ type: 'step', id: nanoid(10), moveId: REST, dose: { measure: 'seconds', amount } });

/** How the series is led: nesting, sides and first side of the whole of it. */
export const ChainFields = ({ store, chain }: { store: BreakStore; chain: Chain }) => {
  const id = useId();
  const change = (label: string, recipe: (c: Chain) => void): void =>
    store.getState().edit(label, (d) => {
      const found = d.items.find((it) => it.id === chain.id);
      if (found?.type === 'chain') recipe(found);
    });
  const rest = chain.between?.find((s) => s.moveId === REST);
  const sides = chain.sides === 'both' ? `first-${chain.firstSide ?? 'break'}` : chain.sides;
  return (
    <div className={styles.fields}>
      <label htmlFor={`${id}nest`}>Series</label>
      <Select
        id={`${id}nest`}
        value={chain.nesting}
        options={[
          { value: 'side by side', label: 'one side at a time' },
          { value: 'link by link', label: 'one link at a time' },
        ]}
        onChange={(nesting) =>
          change('change the series', (c) => {
            c.nesting = nesting;
          })
        }
      />
      <label htmlFor={`${id}first`}>Its sides</label>
      <Select
        id={`${id}first`}
        value={sides}
        options={[
          { value: 'first-break', label: 'as the break' },
          { value: 'first-left', label: 'left, then right' },
          { value: 'first-right', label: 'right, then left' },
          { value: 'left', label: 'left only' },
          { value: 'right', label: 'right only' },
        ]}
        onChange={(value) =>
          change('change the sides of the series', (c) => {
            c.sides = value === 'left' || value === 'right' ? value : 'both';
            if (value === 'first-left') c.firstSide = 'left';
            else if (value === 'first-right') c.firstSide = 'right';
            else delete c.firstSide;
          })
        }
      />
      <label htmlFor={`${id}rounds`}>Rounds</label>
      <NumberField
        id={`${id}rounds`}
        name="The rounds of the series"
        labelled
        min={1}
        max={MOST_CHAIN_ROUNDS}
        value={chain.rounds ?? 1}
        change={(v) =>
          change('change the rounds', (c) => {
            if (v === 1) delete c.rounds;
            else c.rounds = v;
          })
        }
      />
      {chain.nesting === 'side by side' && (
        <>
          <label htmlFor={`${id}between`}>Rest between sides</label>
          <NumberField
            id={`${id}between`}
            name="The rest between the sides"
            labelled
            min={1}
            max={60}
            unit="s"
            placeholder="none"
            value={rest?.dose.amount ?? null}
            change={(v) =>
              change('rest between the sides', (c) => {
                const found = c.between?.find((s) => s.moveId === REST);
                if (found) found.dose = withAmount(found.dose, v);
                else c.between = [...(c.between ?? []), restStep(v)];
              })
            }
            clear={() =>
              change('no rest between the sides', (c) => {
                c.between = (c.between ?? []).filter((s) => s.moveId !== REST);
                if (c.between.length === 0) delete c.between;
              })
            }
          />
        </>
      )}
    </div>
  );
};
