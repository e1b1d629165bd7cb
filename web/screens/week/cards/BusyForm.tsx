import type { BusyTime, BusyUse, Interval, WeekDay } from '@kotabi/core/model';
import { Button, Checkbox, Input, Select } from 'antd';
import { type ReactNode, useState } from 'react';
import { TimeField } from '../../../fields/TimeField';
import styles from '../../../week/week.module.css';
import { clock } from '../../../words/time';
import { nightStart } from '../../../words/week';

export type BusyValue = Pick<BusyTime, 'label' | 'use' | 'startMin' | 'endMin'>;

/** Where else in the week a busy time is wanted, and whether new weeks have it as well. */
export interface Repeat {
  weekdays: number[];
  everyWeek: boolean;
}

interface Props {
  hours: Interval;
  /** The days of the week it may be repeated on. */
  days: readonly WeekDay[];
  start: BusyValue;
  button: string;
  save: (value: BusyValue, repeat: Repeat) => void;
  more?: ReactNode;
}

const USES: { value: BusyUse; label: string }[] = [
  { value: 'meeting', label: 'Meeting: no break' },
  { value: 'listening', label: 'Only listening: a discreet break' },
  { value: 'focus', label: 'Focus: better no break' },
  { value: 'off desk', label: 'Off the desk' },
];
const DAY_NAMES = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

/** A busy time entered by hand: from, to, what it is, what it means for breaks, and where else it comes. */
export const BusyForm = ({ hours, days, start, button, save, more }: Props) => {
  const [value, setValue] = useState(start);
  const [repeat, setRepeat] = useState<Repeat>({ weekdays: [], everyWeek: false });
  const set = (part: Partial<BusyValue>): void => setValue({ ...value, ...part });
  const backwards = value.endMin <= value.startMin;
  const outside = value.startMin >= hours.endMin || value.endMin <= hours.startMin;
  const dayStartMin = nightStart(hours);
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        if (!backwards) save(value, repeat);
      }}
    >
      <div className={styles.fields}>
        <span>From</span>
        <TimeField
          label="Busy from"
          value={value.startMin}
          dayStartMin={dayStartMin}
          set={(startMin) => set({ startMin })}
        />
        <span>To</span>
        <TimeField
          label="Busy to"
          value={value.endMin}
          dayStartMin={dayStartMin}
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
        <span>Means</span>
        <Select
          aria-label="What it means for breaks"
          value={value.use}
          options={USES}
          popupMatchSelectWidth={false}
          onChange={(use) => set({ use })}
        />
      </div>
      <fieldset className={styles.repeat}>
        <legend className="muted small">Also on</legend>
        {days.map((d) => {
          const weekday = new Date(`${d.date}T12:00:00Z`).getUTCDay() || 7;
          const on = repeat.weekdays.includes(weekday);
          return (
            <button
              key={d.date}
              type="button"
              aria-pressed={on}
              onClick={() =>
                setRepeat({
                  ...repeat,
                  weekdays: on ? repeat.weekdays.filter((w) => w !== weekday) : [...repeat.weekdays, weekday],
                })
              }
            >
              {DAY_NAMES[weekday - 1]}
            </button>
          );
        })}
        <Checkbox
          checked={repeat.everyWeek}
          onChange={(e) => setRepeat({ ...repeat, everyWeek: e.target.checked })}
        >
          every week
        </Checkbox>
      </fieldset>
      {backwards && (
        <p className={styles.overText} role="alert">
          The end, {clock(value.endMin)}, must be later than the start, {clock(value.startMin)}.
        </p>
      )}
      {!backwards && outside && (
        <p className="muted small">
          This lies outside the hours of the day, {clock(hours.startMin)} to {clock(hours.endMin)}.
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
