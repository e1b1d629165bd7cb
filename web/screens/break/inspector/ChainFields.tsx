import type { Chain } from '@kotabi/core/model';
import { Select } from 'antd';
import { useId } from 'react';
import type { BreakStore } from '../store';
import styles from './inspector.module.css';

/** How the series is led: nesting, sides and first side of the whole of it. */
export const ChainFields = ({ store, chain }: { store: BreakStore; chain: Chain }) => {
  const id = useId();
  const change = (label: string, recipe: (c: Chain) => void): void =>
    store.getState().edit(label, (d) => {
      const found = d.items.find((it) => it.id === chain.id);
      if (found?.type === 'chain') recipe(found);
    });
  const sides = chain.sides === 'both' ? `first-${chain.firstSide ?? 'break'}` : chain.sides;
  return (
    <div className={styles.fields}>
      <label htmlFor={`${id}nest`}>Series</label>
      <Select
        id={`${id}nest`}
        value={chain.nesting}
        options={[
          { value: 'side by side', label: 'one side, then the other' },
          { value: 'link by link', label: 'each link on both sides' },
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
    </div>
  );
};
