import type { BusyTime, Group, WeekDay } from '@kotabi/core/model';
import { Button, Input, Segmented } from 'antd';
import { type ReactNode, useState } from 'react';
import { clock } from '../../words/time';
import { TimeField } from './TimeField';
import styles from './week.module.css';

export type BusyValue = Pick<BusyTime, 'label' | 'offDesk' | 'startMin' | 'endMin'>;

interface Props {
  group: Group;
  day: WeekDay;
  start: BusyValue;
  button: string;
  save: (value: BusyValue) => void;
  more?: ReactNode;
}

/** A busy time entered by hand: from, to, what it is, in a meeting or away from the desk. */
export const BusyForm = ({ group, start, button, save, more }: Props) => {
  const [value, setValue] = useState(start);
  const set = (part: Partial<BusyValue>): void => setValue({ ...value, ...part });
  const backwards = value.endMin <= value.startMin;
  const outside = value.startMin >= group.hours.endMin || value.endMin <= group.hours.startMin;
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        if (!backwards) save(value);
      }}
    >
      <div className={styles.fields}>
        <span>From</span>
        <TimeField label="Busy from" value={value.startMin} set={(startMin) => set({ startMin })} />
        <span>To</span>
        <TimeField
          label="Busy to"
          value={value.endMin}
          status={backwards ? 'error' : undefined}
          set={(endMin) => set({ endMin })}
        />
        <label htmlFor="busy-label">What</label>
        <Input
          id="busy-label"
          maxLength={60}
          placeholder="meeting"
          value={value.label}
          onChange={(e) => set({ label: e.target.value })}
        />
      </div>
      <Segmented
        block
        aria-label="In a meeting or off the desk"
        value={value.offDesk ? 'off' : 'in'}
        options={[
          { value: 'in', label: 'Sitting' },
          { value: 'off', label: 'Off the desk' },
        ]}
        onChange={(v) => set({ offDesk: v === 'off' })}
      />
      {backwards && (
        <p className={styles.overText} role="alert">
          The end, {clock(value.endMin)}, must be later than the start, {clock(value.startMin)}.
        </p>
      )}
      {!backwards && outside && (
        <p className="muted small">
          This lies outside the hours of the group, {clock(group.hours.startMin)} to{' '}
          {clock(group.hours.endMin)}.
        </p>
      )}
      <div className="bar">
        <Button htmlType="submit" size="small" type="primary" disabled={backwards}>
          {button}
        </Button>
        {more}
      </div>
    </form>
  );
};
