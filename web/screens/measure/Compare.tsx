import type { Measure } from '@kotabi/core/model';
import { Segmented } from 'antd';
import styles from './measure.module.css';

type Sides = Measure['tighter'];
const OPTIONS = [
  { value: 'left', label: 'left' },
  { value: 'same', label: 'the same' },
  { value: 'right', label: 'right' },
  { value: '', label: 'not asked' },
];

/** Which side is tighter and to which side a turn goes further, before and after. */
export const Compare = ({
  measure,
  change,
}: {
  measure: Measure;
  change: (label: string, more: Partial<Measure>) => void;
}) => {
  const row = (name: string, key: 'tighter' | 'turnsFurther') =>
    (['before', 'after'] as const).map((when) => (
      <div key={`${key} ${when}`} className={styles.compare}>
        <span id={`${key}-${when}`}>
          {name}, {when}
        </span>
        <Segmented
          style={{ width: 'fit-content' }}
          aria-labelledby={`${key}-${when}`}
          value={measure[key][when] ?? ''}
          options={OPTIONS}
          onChange={(v) =>
            change(`${name}, ${when}`, {
              [key]: { ...measure[key], [when]: (v || null) as Sides['before'] },
            })
          }
        />
      </div>
    ));
  return (
    <section className={`card ${styles.part}`} aria-label="Left against right">
      <h2>Left against right</h2>
      {row('Tighter side', 'tighter')}
      {row('Turns further', 'turnsFurther')}
    </section>
  );
};
