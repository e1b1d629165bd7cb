import type { Pace } from '@kotabi/core/model';
import { Segmented, Switch } from 'antd';
import { useId } from 'react';
import { useStore } from 'zustand';
import { NumberField } from '../../fields/NumberField';
import styles from './break.module.css';
import type { BreakStore } from './store';

const fields: [key: keyof Pace, label: string, unit: string, min: number, max: number, step: number][] = [
  ['breathsPerMinute', 'Breath', 'a minute', 2, 20, 0.5],
  ['exhaleRatio', 'Exhale', '× inhale', 0.5, 4, 0.1],
  ['wordsPerMinute', 'Speech', 'words/min', 60, 260, 5],
  ['changeSec', 'Change of side, at least', 's', 0, 60, 0.5],
  ['setRestSec', 'Rest between sets', 's', 0, 120, 1],
  ['returnSec', 'Return to neutral', 's', 0, 60, 0.5],
];

/** How fast this break is spoken and breathed, which side goes first, and whether holds become whole breaths. */
const PaceForm = ({ store }: { store: BreakStore }) => {
  const { value: brk, edit } = useStore(store);
  const id = useId();
  return (
    <div className={styles.pace}>
      {fields.map(([key, label, unit, min, max, step]) => (
        <label key={key} htmlFor={`${id}${key}`}>
          <span>{label}</span>
          <NumberField
            id={`${id}${key}`}
            name={label}
            labelled
            min={min}
            max={max}
            step={step}
            precision={key === 'wordsPerMinute' ? 0 : 1}
            unit={unit}
            value={brk.pace[key]}
            change={(v) =>
              edit(
                'change the pace',
                (d) => {
                  d.pace[key] = v;
                },
                { key: `pace.${key}` },
              )
            }
          />
        </label>
      ))}
      <div className={styles.paceLine}>
        <span>First side</span>
        <Segmented
          aria-label="First side of the break"
          options={[
            { value: 'left' as const, label: 'left' },
            { value: 'right' as const, label: 'right' },
          ]}
          value={brk.firstSide}
          onChange={(side) =>
            edit('change the first side', (d) => {
              d.firstSide = side;
            })
          }
        />
      </div>
      <label className={styles.paceLine} htmlFor={`${id}whole`}>
        <span>Holds as whole breaths</span>
        <Switch
          id={`${id}whole`}
          checked={brk.wholeBreaths}
          onChange={(on) =>
            edit('whole breaths', (d) => {
              d.wholeBreaths = on;
            })
          }
        />
      </label>
    </div>
  );
};
export default PaceForm;
