import type { FrequencyCode, Rule, WeekRule } from '@kotabi/core/model';
import { type PlannedDay, weekGuidance, withRule } from '@kotabi/core/schedule';
import { Button, Select, Switch } from 'antd';
import { useId, useState } from 'react';
import { useStore } from 'zustand';
import { NumberField } from '../../../fields/NumberField';
import type { WeekStore } from '../../../week/store';
import styles from '../../../week/week.module.css';
import { FrequencyForm } from './FrequencyForm';
import { Guidance } from './Guidance';
import { KindsDialog, reliefOf } from './KindsDialog';

const TARGET = 'Aim for runs under';
const LEAST = 'A day, at least';
const MOST = 'A day, at most';
const MINUTES = 'All breaks together';
const GAP = 'Between breaks';
const PRICE = 'Weight of a break minute';

interface Field {
  label: string;
  unit: string;
  why: string;
  min: number;
  max: number;
  value: (rule: Rule) => number | null;
  change: (rule: Rule, value: number) => Partial<Rule>;
  /** Given when the field may be empty. */
  empty?: Partial<Rule>;
}

const fieldsOf = (rule: Rule): Field[] => [
  {
    label: TARGET,
    unit: 'min',
    why: 'Up to this nobody minds; the longer a run is beyond it, the more a break is worth.',
    min: 0,
    max: 480,
    value: (r) => r.targetMin,
    change: (_, targetMin) => ({ targetMin }),
  },
  {
    label: 'Never more than',
    unit: 'min',
    why: 'Minutes beyond this are avoided before anything else.',
    min: 1,
    max: 960,
    value: (r) => r.limitMin,
    change: (_, limitMin) => ({ limitMin }),
  },
  {
    label: 'A break lasts',
    unit: 'min',
    why: 'Under 5 min it takes half of a run away, from 5 min on all of it.',
    min: 1,
    max: 120,
    value: (r) => r.kinds[0]?.lengthMin ?? null,
    change: (r, lengthMin) => ({
      kinds: r.kinds.map((k, i) => (i === 0 ? { ...k, lengthMin, relief: reliefOf(lengthMin) } : k)),
    }),
  },
  {
    label: LEAST,
    unit: '',
    why: 'Fewer breaks than this are never planned.',
    min: 0,
    max: rule.maxCount ?? 100,
    value: (r) => r.minCount,
    change: (_, minCount) => ({ minCount }),
  },
  {
    label: MOST,
    unit: '',
    why: 'More breaks than this are never planned; empty: as many as it takes.',
    min: rule.minCount,
    max: 100,
    value: (r) => r.maxCount,
    change: (_, maxCount) => ({ maxCount }),
    empty: { maxCount: null },
  },
  {
    label: MINUTES,
    unit: 'min',
    why: 'All breaks of a day together never last longer; empty: as long as they do.',
    min: 1,
    max: 480,
    value: (r) => r.maxMinutes,
    change: (_, maxMinutes) => ({ maxMinutes }),
    empty: { maxMinutes: null },
  },
  {
    label: GAP,
    unit: 'min',
    why: 'From the end of one to the start of the next, at least.',
    min: 0,
    max: 480,
    value: (r) => r.minGapMin,
    change: (_, minGapMin) => ({ minGapMin }),
  },
  {
    label: 'Not in the first and last',
    unit: 'min',
    why: 'No break this close to the start or the end of the day.',
    min: 0,
    max: 240,
    value: (r) => r.edgeMin,
    change: (_, edgeMin) => ({ edgeMin }),
  },
  {
    label: PRICE,
    unit: '',
    why: 'How many minutes in long runs one minute of break has to save: higher means fewer breaks.',
    min: 0,
    max: 100_000,
    value: (r) => r.lambda,
    change: (_, lambda) => ({ lambda }),
  },
];

const TINY = { id: 'tiny', lengthMin: 1, relief: reliefOf(1) };

/** The rule's kinds with or without breaks of a minute. */
const withTiny = (rule: WeekRule, on: boolean): WeekRule['kinds'] => [
  ...rule.kinds.filter((k) => k.id !== TINY.id),
  ...(on ? [TINY] : []),
];

/** What only makes sense once one knows how the planner weighs. */
const EXPERT: readonly string[] = [PRICE];

/** Fields whose numbers a frequency sets by itself. */
const SET_BY: Partial<Record<FrequencyCode, readonly string[]>> = {
  'every minutes': [TARGET, PRICE],
  hourly: [TARGET, PRICE],
  'a day': [LEAST, MOST],
  'once or twice': [LEAST, MOST],
  'best days': [LEAST, MOST],
  gaps: [LEAST, MOST, GAP],
  rota: [LEAST, MOST],
  ramp: [LEAST, MOST],
  'every day': [LEAST, MOST],
  'both halves': [LEAST, MOST],
};

/** The rule of the week; changing it changes nothing until the week is planned again. */
export const RuleForm = ({ store, days }: { store: WeekStore; days: readonly PlannedDay[] }) => {
  const { value: week, replace } = useStore(store);
  const { rule } = week;
  const id = useId();
  const [kindsOpen, setKindsOpen] = useState(false);
  const set = (next: WeekRule): void => replace('change the rule', (w) => withRule(w, next), { key: 'rule' });
  const change = (more: Partial<Rule> | undefined): void => {
    if (more) set({ ...rule, ...more });
  };
  const hidden = SET_BY[rule.frequency.code] ?? [];
  const pair = (f: Field) => (
    <div key={f.label} className={styles.pair} title={f.why}>
      <label htmlFor={`${id}${f.label}`}>{f.label}</label>
      <NumberField
        id={`${id}${f.label}`}
        name={f.label}
        labelled
        min={f.min}
        max={f.max}
        value={f.value(rule)}
        placeholder={f.empty && 'any'}
        unit={f.unit}
        change={(v) => change(f.change(rule, v))}
        clear={f.empty && (() => change(f.empty))}
      />
    </div>
  );
  const used = new Set(week.days.flatMap((d) => d.breaks.map((b) => b.kindId)));
  return (
    <section className={styles.cardPart} aria-label="Rule">
      <h2>Rule of the week</h2>
      <FrequencyForm
        rule={rule}
        monday={week.startDate}
        dates={week.days.filter((d) => d.off === undefined).map((d) => d.date)}
        used={used}
        set={set}
      />
      <div className={styles.fields}>
        {fieldsOf(rule)
          .filter((f) => !hidden.includes(f.label) && !EXPERT.includes(f.label))
          .map(pair)}
      </div>
      {!hidden.includes(PRICE) && (
        <details className={styles.expert}>
          <summary>For experts</summary>
          {fieldsOf(rule)
            .filter((f) => EXPERT.includes(f.label))
            .map((f) => (
              <div key={f.label}>
                {pair(f)}
                <p className="muted small">{f.why}</p>
              </div>
            ))}
        </details>
      )}
      <div
        className={styles.pair}
        title="A minute takes half of a run away; the planner mixes both kinds as suits the day."
      >
        <label htmlFor={`${id}tiny`}>Also breaks of 1 min</label>
        <Switch
          id={`${id}tiny`}
          checked={rule.kinds.some((k) => k.id === TINY.id)}
          onChange={(on) => change({ kinds: withTiny(rule, on) })}
        />
      </div>
      <div
        className={styles.pair}
        title="One minute finds the very best times; five are easier to keep in mind."
      >
        <label htmlFor={`${id}grid`}>Breaks start every</label>
        <Select
          id={`${id}grid`}
          value={rule.gridMin}
          options={[1, 5, 10, 15].map((n) => ({ value: n, label: `${n} min` }))}
          onChange={(gridMin) => change({ gridMin })}
        />
      </div>
      <Button size="small" onClick={() => setKindsOpen(true)}>
        Kinds of break ({rule.kinds.length}) …
      </Button>
      {kindsOpen && <KindsDialog rule={rule} used={used} set={set} close={() => setKindsOpen(false)} />}
      <h3>What guidance says</h3>
      <Guidance items={weekGuidance(days)} />
    </section>
  );
};
