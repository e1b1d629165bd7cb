import type { Interval, Work } from '@kotabi/core/model';
import { Button, DatePicker, Form, Select, TimePicker } from 'antd';
import dayjs, { type Dayjs } from 'dayjs';
import { Trash2 } from 'lucide-react';
import { MultiSelect } from '../../fields/MultiSelect';
import { nightFrom, type Range, toInterval, toRange } from './hours';
import styles from './people.module.css';
import { DAY_NAMES } from './people-words';

/** When somebody works, as the form has it. */
export interface WorkValues {
  workDays: number[];
  workHours: Range;
  workLunch: Range;
  workOther: { day?: number; hours?: Range }[];
  /** The days of every second week, and a day of the first such week. */
  workSecond: number[];
  workFrom: Dayjs | null;
}

/** The fields of the form in which what is wrong is said. */
const FIELDS: Record<string, keyof WorkValues> = {
  'work.days': 'workDays',
  'work.hours': 'workHours',
  'work.lunch': 'workLunch',
  'work.other': 'workOther',
  'work.secondWeek': 'workSecond',
};

/** The field for what is wrong at a place of a person; undefined where it is about something else. */
export const workField = (path: string): keyof WorkValues | undefined =>
  FIELDS[path.split('.').slice(0, 2).join('.')];

export const workValues = (
  work: Pick<Work, 'days' | 'hours' | 'lunch'> & Pick<Partial<Work>, 'other' | 'secondWeek'>,
): WorkValues => ({
  workDays: work.days,
  workHours: toRange(work.hours),
  workLunch: toRange(work.lunch),
  workOther: (work.other ?? []).map(({ day, hours }) => ({ day, hours: toRange(hours) })),
  workSecond: work.secondWeek?.days ?? [],
  workFrom: work.secondWeek ? dayjs(work.secondWeek.from) : null,
});

/** What is kept of it, still to be checked. */
export const toWork = (v: WorkValues): unknown => {
  const hours = toInterval(v.workHours);
  const other = (v.workOther ?? []).filter((o) => o.day !== undefined || o.hours);
  return {
    days: v.workDays,
    hours,
    lunch: toInterval(v.workLunch, nightFrom(hours)),
    ...(other.length > 0 && {
      other: other.map((o): { day: number | undefined; hours: Interval | null } => ({
        day: o.day,
        hours: toInterval(o.hours ?? null),
      })),
    }),
    ...(v.workSecond?.length > 0 && {
      secondWeek: { days: v.workSecond, from: (v.workFrom ?? dayjs()).format('YYYY-MM-DD') },
    }),
  };
};

const dayOptions = DAY_NAMES.map((label, i) => ({ value: i + 1, label }));
const times = {
  order: false,
  format: 'HH:mm',
  minuteStep: 5,
  style: { width: '100%' },
  needConfirm: false,
} as const;

/** Part time, another shift, some days every second week. */
export const OwnHours = () => {
  const days = Form.useWatch<number[] | undefined>('workDays') ?? [];
  const second = Form.useWatch<number[] | undefined>('workSecond') ?? [];
  const among = dayOptions.filter((o) => days.includes(o.value));
  return (
    <div className={styles.ownHours}>
      <Form.Item
        name="workDays"
        label="Days"
        rules={[{ required: true, message: 'Choose at least one day.' }]}
      >
        <MultiSelect maxTagCount="responsive" options={dayOptions} />
      </Form.Item>
      <Form.Item name="workHours" label="Hours" rules={[{ required: true, message: 'When do they work?' }]}>
        <TimePicker.RangePicker {...times} allowClear={false} />
      </Form.Item>
      <Form.Item name="workLunch" label="Lunch">
        <TimePicker.RangePicker {...times} allowClear />
      </Form.Item>
      <Form.List name="workOther">
        {(rows, { add, remove }) => (
          <div className={styles.otherHours}>
            {rows.map((row) => (
              <div key={row.key} className={styles.otherRow}>
                <Form.Item name={[row.name, 'day']} rules={[{ required: true, message: 'On which day?' }]}>
                  <Select options={among} placeholder="on" aria-label="Day with other hours" />
                </Form.Item>
                <Form.Item
                  name={[row.name, 'hours']}
                  rules={[{ required: true, message: 'From when to when?' }]}
                >
                  <TimePicker.RangePicker {...times} aria-label="Hours of that day" />
                </Form.Item>
                <Button
                  type="text"
                  icon={<Trash2 size={16} />}
                  aria-label="Same hours as on the other days"
                  onClick={() => remove(row.name)}
                />
              </div>
            ))}
            {rows.length < days.length && (
              <Button type="link" onClick={() => add({})}>
                + other hours on a day
              </Button>
            )}
          </div>
        )}
      </Form.List>
      <Form.Item name="workSecond" label="Of these only every second week">
        <MultiSelect maxTagCount="responsive" options={among} placeholder="none: every week" />
      </Form.Item>
      {second.length > 0 && (
        <Form.Item
          name="workFrom"
          label="First in the week of"
          rules={[{ required: true, message: 'From which week on?' }]}
        >
          <DatePicker format="D MMM YYYY" style={{ width: '100%' }} allowClear={false} />
        </Form.Item>
      )}
    </div>
  );
};
