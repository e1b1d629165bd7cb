import { type Break, type Kept, Rule } from '@kotabi/core/model';
import { Button, InputNumber, Select } from 'antd';
import { useId, useState } from 'react';
import { useStore } from 'zustand';
import styles from './week.module.css';
import type { WeekStore } from './weekStore';

type NumberKey = 'targetMin' | 'limitMin' | 'minGapMin' | 'edgeMin' | 'lambda' | 'minCount';

const fields: [key: NumberKey, label: string, unit: string, min: number, max: number, why: string][] = [
  ['targetMin', 'Aim for runs under', 'min', 0, 480, 'Each minute at the desk costs its run beyond this.'],
  ['limitMin', 'Never more than', 'min', 1, 960, 'Minutes beyond this are avoided before anything else.'],
  ['minGapMin', 'Between breaks', 'min', 0, 480, 'From the end of one to the start of the next, at least.'],
  [
    'edgeMin',
    'Not in the first and last',
    'min',
    0,
    240,
    'No break this close to the start or the end of the day.',
  ],
  ['minCount', 'A day, at least', '', 0, 100, 'Fewer breaks than this are never planned.'],
  ['lambda', 'A break minute costs', '', 0, 100000, 'Higher: fewer breaks. Counted in run minutes.'],
];

/** The rule of the week; changing it changes nothing until the week is planned again. */
export const RuleForm = ({ store, breaks }: { store: WeekStore; breaks: Kept<Break>[] }) => {
  const { week, edit } = useStore(store);
  const { rule } = week;
  const id = useId();
  const [fill, setFill] = useState<string | undefined>();
  const [kind] = rule.kinds;
  const change = (more: Partial<Rule>): void => {
    // Only whole rules are kept; a number that the schema refuses stays in its field, marked by it.
    const parsed = Rule.safeParse({ ...rule, ...more });
    if (parsed.success) edit((w) => ({ ...w, rule: parsed.data }));
  };
  const open = week.days.flatMap((d) => d.breaks).filter((b) => b.breakId === null).length;
  return (
    <>
      <section className={styles.cardPart} aria-label="Rule">
        <h2>Rule of the week</h2>
        <div className={styles.fields}>
          {fields.map(([key, label, unit, min, max, why]) => (
            <div key={key} className={styles.pair} title={why}>
              <label htmlFor={`${id}${key}`}>{label}</label>
              <InputNumber
                id={`${id}${key}`}
                min={min}
                max={max}
                precision={0}
                value={rule[key]}
                suffix={unit || undefined}
                onChange={(v) => v !== null && change({ [key]: v })}
              />
            </div>
          ))}
          <div
            className={styles.pair}
            title="More breaks than this are never planned; empty: as many as it takes."
          >
            <label htmlFor={`${id}max`}>A day, at most</label>
            <InputNumber
              id={`${id}max`}
              min={rule.minCount}
              max={100}
              precision={0}
              placeholder="any"
              value={rule.maxCount}
              onChange={(v) => change({ maxCount: v })}
            />
          </div>
          <div className={styles.pair} title="How long a planned break takes; it ends a run at the desk.">
            <label htmlFor={`${id}len`}>A break lasts</label>
            <InputNumber
              id={`${id}len`}
              min={1}
              max={120}
              precision={0}
              value={kind?.lengthMin}
              suffix="min"
              onChange={(v) =>
                v !== null &&
                kind &&
                change({
                  // A minute or two takes half of a run away, from five minutes on all of it.
                  kinds: [{ ...kind, lengthMin: v, relief: v < 5 ? 0.5 : 1 }, ...rule.kinds.slice(1)],
                })
              }
            />
          </div>
        </div>
        <p className="muted small">
          {kind && kind.relief < 1
            ? 'A break this short takes half of a run away.'
            : 'Published guidance: 5 to 10 min every hour is better than 20 min every two (HSE, from memory).'}
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
