import type { Break, Kept, Rule } from '@kotabi/core/model';
import { cite, published } from '@kotabi/core/reference';
import { withRule } from '@kotabi/core/schedule';
import { Button, Select, Switch } from 'antd';
import { useId, useState } from 'react';
import { useStore } from 'zustand';
import { NumberField } from '../../fields/NumberField';
import styles from './week.module.css';
import type { WeekStore } from './weekStore';

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

/** A break of a minute or so takes half of a run away, from five minutes on all of it. */
const reliefOf = (lengthMin: number): number => (lengthMin < 5 ? 0.5 : 1);

const fieldsOf = (rule: Rule): Field[] => [
  {
    label: 'Aim for runs under',
    unit: 'min',
    why: 'Each minute at the desk costs its run beyond this.',
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
    label: 'A day, at least',
    unit: '',
    why: 'Fewer breaks than this are never planned.',
    min: 0,
    max: rule.maxCount ?? 100,
    value: (r) => r.minCount,
    change: (_, minCount) => ({ minCount }),
  },
  {
    label: 'A day, at most',
    unit: '',
    why: 'More breaks than this are never planned; empty: as many as it takes.',
    min: rule.minCount,
    max: 100,
    value: (r) => r.maxCount,
    change: (_, maxCount) => ({ maxCount }),
    empty: { maxCount: null },
  },
  {
    label: 'Between breaks',
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
    label: 'A break minute costs',
    unit: '',
    why: 'Higher: fewer breaks. Counted in run minutes.',
    min: 0,
    max: 100_000,
    value: (r) => r.lambda,
    change: (_, lambda) => ({ lambda }),
  },
];

const { leastMin, mostMin } = published.screenBreaks;
const guidance = `Published guidance: ${leastMin} to ${mostMin} min every hour is better than 20 min every two (${cite(published.screenBreaks)}).`;

const TINY = { id: 'tiny', lengthMin: 1, relief: reliefOf(1) };

/** The rule's kinds with or without breaks of a minute. */
const withTiny = (rule: Rule, on: boolean): Rule['kinds'] => [
  ...rule.kinds.filter((k) => k.id !== TINY.id),
  ...(on ? [TINY] : []),
];

/** The rule of the week; changing it changes nothing until the week is planned again. */
export const RuleForm = ({ store, breaks }: { store: WeekStore; breaks: Kept<Break>[] }) => {
  const { week, edit } = useStore(store);
  const { rule } = week;
  const id = useId();
  const [fill, setFill] = useState<string | undefined>();
  const [kind] = rule.kinds;
  const hasTiny = rule.kinds.some((k) => k.id === TINY.id);
  const change = (more: Partial<Rule> | undefined): void => {
    if (more) edit((w) => withRule(w, { ...w.rule, ...more }));
  };
  const open = week.days.flatMap((d) => d.breaks).filter((b) => b.breakId === null).length;
  return (
    <>
      <section className={styles.cardPart} aria-label="Rule">
        <h2>Rule of the week</h2>
        <div className={styles.fields}>
          {fieldsOf(rule).map((f) => (
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
          ))}
        </div>
        <div
          className={styles.pair}
          title="A minute takes half of a run away; the planner mixes both kinds as it pays."
        >
          <label htmlFor={`${id}tiny`}>Also breaks of 1 min</label>
          <Switch
            id={`${id}tiny`}
            checked={hasTiny}
            onChange={(on) => change({ kinds: withTiny(rule, on) })}
          />
        </div>
        <p className="muted small">
          {kind && kind.relief < 1 ? 'A break this short takes half of a run away.' : guidance}
        </p>
      </section>
      {open > 0 && (
        <section className={styles.cardPart} aria-label="Fill">
          <h3>{open} without a break chosen</h3>
          <div className={styles.fillRow}>
            <Select
              aria-label="Break to fill them with"
              placeholder="which break?"
              value={fill}
              popupMatchSelectWidth={280}
              options={breaks.map((b) => ({ value: b.value.id, label: b.value.name }))}
              onChange={setFill}
            />
            <Button
              disabled={!fill}
              onClick={() =>
                edit((w) => ({
                  ...w,
                  days: w.days.map((d) => ({
                    ...d,
                    breaks: d.breaks.map((b) => (b.breakId === null ? { ...b, breakId: fill ?? null } : b)),
                  })),
                }))
              }
            >
              Fill all
            </Button>
          </div>
        </section>
      )}
    </>
  );
};
