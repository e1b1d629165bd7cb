import { Area } from '@kotabi/core/model';
import { Switch } from 'antd';
import { useId } from 'react';
import { useStore } from 'zustand';
import { MultiSelect } from '../../fields/MultiSelect';
import styles from './break.module.css';
import type { BreakStore } from './store';

/** What the break is for, so that the review knows what to look for. */
const PurposeForm = ({ store }: { store: BreakStore }) => {
  const { value: brk, edit } = useStore(store);
  const id = useId();
  const flag = (key: 'calm' | 'onCall', label: string) => (on: boolean) =>
    edit(label, (d) => {
      if (on) d[key] = true;
      else delete d[key];
    });
  return (
    <div className={styles.pace}>
      <div>
        <label htmlFor={`${id}areas`}>Areas it is for</label>
        <MultiSelect
          id={`${id}areas`}
          placeholder="none in particular"
          value={brk.targets ?? []}
          options={Area.options.map((a) => ({ value: a, label: a }))}
          onChange={(areas: Area[]) =>
            edit('change the areas', (d) => {
              if (areas.length > 0) d.targets = areas;
              else delete d.targets;
            })
          }
        />
      </div>
      <label className={styles.paceLine} htmlFor={`${id}call`}>
        <span>Done while on a call</span>
        <Switch id={`${id}call`} checked={brk.onCall ?? false} onChange={flag('onCall', 'for a call')} />
      </label>
      <label className={styles.paceLine} htmlFor={`${id}calm`}>
        <span>To calm down</span>
        <Switch id={`${id}calm`} checked={brk.calm ?? false} onChange={flag('calm', 'to calm down')} />
      </label>
      <p className="muted small">
        The review looks after these: areas that are missed, moves that are heard, breaths.
      </p>
    </div>
  );
};
export default PurposeForm;
