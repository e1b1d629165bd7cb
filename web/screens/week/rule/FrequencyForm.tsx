import { Area, type Frequency, type FrequencyCode, type IsoDate, type WeekRule } from '@kotabi/core/model';
import { placeInRule, withFrequency } from '@kotabi/core/schedule';
import { Select } from 'antd';
import { NumberField } from '../../../fields/NumberField';
import styles from '../../../week/week.module.css';
import { placeText } from '../../../words/week';

/** How often, in the words people use. */
const NAMES: { value: FrequencyCode; label: string }[] = [
  { value: 'by cost', label: 'As often as keeps runs short' },
  { value: 'every minutes', label: 'About every … minutes' },
  { value: 'a day', label: 'So many a day' },
  { value: 'once or twice', label: 'Once or twice a day' },
  { value: 'every day', label: 'Once every day' },
  { value: 'both halves', label: 'Morning and afternoon, one each' },
  { value: 'best days', label: 'A few times a week, best days' },
  { value: 'gaps', label: 'Whenever there is a gap' },
  { value: 'hourly', label: 'Short ones hourly, and longer ones' },
  { value: 'rota', label: 'One area a day, in turn' },
  { value: 'ramp', label: 'Start with few, add each week' },
];

/** A rule as it is when it is chosen. A ramp begins with the week it is chosen for. */
const startOf = (monday: IsoDate): Record<FrequencyCode, Frequency> => ({
  'by cost': { code: 'by cost' },
  'every minutes': { code: 'every minutes', minutes: 50 },
  'a day': { code: 'a day', count: 3 },
  'once or twice': { code: 'once or twice' },
  'best days': { code: 'best days', days: 2 },
  'every day': { code: 'every day' },
  gaps: { code: 'gaps', minutes: 10 },
  rota: { code: 'rota', areas: ['neck', 'shoulder', 'upper back', 'hand', 'hip'] },
  hourly: { code: 'hourly', longer: 1 },
  ramp: { code: 'ramp', start: 2, add: 1, most: 6, from: monday },
  'both halves': { code: 'both halves' },
});

const AREAS = Area.options.filter((a) => a !== 'breath');

/** How often breaks come, and what belongs to it. */
export const FrequencyForm = ({
  rule,
  monday,
  dates,
  used,
  set,
}: {
  rule: WeekRule;
  /** The Monday of the week that is planned. */
  monday: IsoDate;
  /** The days that are worked in it. */
  dates: readonly IsoDate[];
  /** Kinds of break that are planned in it. */
  used: ReadonlySet<string>;
  set: (rule: WeekRule) => void;
}) => {
  const f = rule.frequency;
  const place = placeInRule(f, monday, dates);
  const change = (next: Frequency): void => set(withFrequency(rule, next, used));
  const number = (
    label: string,
    value: number,
    [min, max]: [number, number],
    unit: string,
    to: (n: number) => Frequency,
  ) => (
    <div className={styles.pair}>
      <span>{label}</span>
      <NumberField name={label} value={value} min={min} max={max} unit={unit} change={(n) => change(to(n))} />
    </div>
  );
  return (
    <>
      <Select
        aria-label="How often"
        value={f.code}
        options={NAMES}
        listHeight={380}
        popupMatchSelectWidth={false}
        style={{ width: '100%' }}
        onChange={(code) => change(startOf(monday)[code])}
      />
      {f.code === 'every minutes' &&
        number('About every', f.minutes, [10, 480], 'min', (minutes) => ({ ...f, minutes }))}
      {f.code === 'a day' && number('Breaks a day', f.count, [1, 20], '', (count) => ({ ...f, count }))}
      {f.code === 'best days' && number('Days a week', f.days, [1, 7], '', (days) => ({ ...f, days }))}
      {f.code === 'gaps' && number('A gap of', f.minutes, [1, 120], 'min', (minutes) => ({ ...f, minutes }))}
      {f.code === 'hourly' &&
        number('Longer ones a day', f.longer, [0, 3], '', (longer) => ({ ...f, longer }))}
      {f.code === 'ramp' && (
        <>
          {number('A day, in the first week', f.start, [1, 20], '', (start) => ({ ...f, start }))}
          {number('More each week', f.add, [1, 5], '', (add) => ({ ...f, add }))}
          {number('A day, in the end', f.most, [1, 20], '', (most) => ({ ...f, most }))}
        </>
      )}
      {f.code === 'rota' && (
        <div className={styles.rota}>
          {f.areas.map((area, i) => (
            <Select
              // biome-ignore lint/suspicious/noArrayIndexKey: an area may come twice; its place is what it is
              key={i}
              aria-label={`Area of day ${i + 1}`}
              value={area}
              size="small"
              options={AREAS.map((a) => ({ value: a, label: a }))}
              popupMatchSelectWidth={false}
              onChange={(a) => change({ ...f, areas: f.areas.map((x, n) => (n === i ? a : x)) })}
            />
          ))}
        </div>
      )}
      {place && <p className="muted small">{placeText(place)}</p>}
    </>
  );
};
