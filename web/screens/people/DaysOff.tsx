import '../../fields/monday';
import type { DayOff } from '@kotabi/core/model';
import { Button, DatePicker, Input } from 'antd';
import dayjs from 'dayjs';
import { X } from 'lucide-react';
import { useState } from 'react';
import { HolidayPicker } from './HolidayPicker';
import styles from './people.module.css';

/** The days on which nobody of a group works, in order of date; a form gives its value and takes its changes. */
export const DaysOff = ({
  value = [],
  onChange = () => {},
}: {
  value?: DayOff[];
  onChange?: (days: DayOff[]) => void;
}) => {
  const [date, setDate] = useState<string | null>(null);
  const [name, setName] = useState('');
  const again = value.some((d) => d.date === date);
  const add = (): void => {
    if (date === null || again) return;
    const day = { date, name: name.trim() || 'Day off' };
    onChange([...value, day].sort((a, b) => (a.date < b.date ? -1 : 1)));
    setDate(null);
    setName('');
  };
  return (
    <div className={styles.daysOff}>
      {value.map((d) => (
        <span key={d.date} className={styles.dayOff}>
          {dayjs(d.date).format('ddd D MMM YYYY')}, {d.name}
          <Button
            type="text"
            size="small"
            aria-label={`Take out ${d.name}`}
            icon={<X size={14} />}
            onClick={() => onChange(value.filter((x) => x !== d))}
          />
        </span>
      ))}
      <span className={styles.dayOffAdd}>
        <DatePicker
          aria-label="Day off"
          value={date === null ? null : dayjs(date)}
          format="D MMM YYYY"
          onChange={(d) => setDate(d ? d.format('YYYY-MM-DD') : null)}
        />
        <Input
          aria-label="Name of the day off"
          placeholder="what it is called"
          maxLength={60}
          value={name}
          onChange={(e) => setName(e.target.value)}
          onPressEnter={(e) => {
            e.preventDefault();
            add();
          }}
        />
        <Button onClick={add} disabled={date === null || again}>
          Add
        </Button>
        {again && <span className="muted small">is there already</span>}
      </span>
      <HolidayPicker
        add={(days) =>
          onChange(
            [...value, ...days.filter((d) => !value.some((v) => v.date === d.date))].sort((a, b) =>
              a.date < b.date ? -1 : 1,
            ),
          )
        }
      />
    </div>
  );
};
