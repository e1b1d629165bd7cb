import { Area, type Side, type Thing } from '@kotabi/core/model';
import { Checkbox, Select } from 'antd';
import { useId } from 'react';
import { MultiSelect } from '../../../fields/MultiSelect';
import { NumberField } from '../../../fields/NumberField';
import styles from './dialogs.module.css';

/** What a break is for, as one would say it, and what follows from that. Common practice. */
const AIMS = [
  {
    value: 'keyboard',
    label: 'undo an hour at the keyboard',
    areas: ['forearm', 'neck', 'shoulder'],
    calm: false,
  },
  { value: 'neck', label: 'ease a stiff neck', areas: ['neck', 'shoulder'], calm: false },
  { value: 'calm', label: 'calm down', areas: ['breath', 'neck'], calm: true },
  { value: 'wake', label: 'wake up', areas: ['upper back', 'chest', 'leg'], calm: false },
  { value: 'back', label: 'straighten the back', areas: ['upper back', 'low back', 'side'], calm: false },
  { value: 'hands', label: 'rest the hands', areas: ['forearm', 'hand'], calm: false },
] as const satisfies readonly { value: string; label: string; areas: readonly Area[]; calm: boolean }[];

const THINGS = ['strap', 'wall'] as const satisfies readonly Thing[];

/** What is asked for, as the form has it. */
export interface Asked {
  slotSec: number;
  aim: string;
  areas: Area[];
  most: Area | null;
  seatedOnly: boolean;
  onCall: boolean;
  calm: boolean;
  things: Thing[];
  /** Left alone. */
  avoid: Area[];
  /** Gets more on purpose, where it is held. */
  moreSide: Side | null;
  forGroup: boolean;
}

/** How long, what for, under which conditions. */
export const SuggestForm = ({
  asked,
  set,
  groupName,
  why,
  learned,
}: {
  asked: Asked;
  set: (a: Partial<Asked>) => void;
  groupName: string | null;
  /** Why these areas are there to begin with, in a sentence; empty where they are the usual ones. */
  why: string;
  /** What was learned from the records of the group and bears on this, in phrases. */
  learned: readonly string[];
}) => {
  const id = useId();
  return (
    <div className={styles.form}>
      <div className={styles.first}>
        <label htmlFor={`${id}slot`}>Slot</label>
        <label htmlFor={`${id}aim`}>What for</label>
        <NumberField
          id={`${id}slot`}
          name="Slot in minutes"
          labelled
          min={0.5}
          max={60}
          precision={1}
          unit="min"
          value={asked.slotSec / 60}
          change={(v) => set({ slotSec: Math.round(v * 60) })}
        />
        <Select
          id={`${id}aim`}
          value={asked.aim || undefined}
          placeholder="or name areas"
          options={AIMS.map(({ value, label }) => ({ value, label }))}
          onChange={(value) => {
            const aim = AIMS.find((a) => a.value === value);
            if (aim) set({ aim: value, areas: [...aim.areas], most: null, calm: aim.calm, avoid: [] });
          }}
        />
      </div>
      <label htmlFor={`${id}areas`}>Areas</label>
      <MultiSelect
        id={`${id}areas`}
        value={asked.areas}
        options={Area.options.map((a) => ({ value: a, label: a }))}
        onChange={(areas: Area[]) =>
          set({
            areas,
            aim: '',
            most: areas.includes(asked.most as Area) ? asked.most : null,
            avoid: asked.avoid.filter((a) => !areas.includes(a)),
          })
        }
      />
      {why && <p className={styles.why}>{why}</p>}
      {learned.length > 0 && <p className={styles.why}>From the records: {learned.join('; ')}.</p>}
      <label htmlFor={`${id}most`}>Above all</label>
      <Select
        id={`${id}most`}
        value={asked.most ?? ''}
        options={[
          { value: '', label: 'all of them alike' },
          ...asked.areas.map((a) => ({ value: a, label: a })),
        ]}
        onChange={(a) => set({ most: (a || null) as Area | null })}
      />
      <label htmlFor={`${id}avoid`}>Leave alone</label>
      <MultiSelect
        id={`${id}avoid`}
        value={asked.avoid}
        placeholder="nothing"
        options={Area.options.filter((a) => !asked.areas.includes(a)).map((a) => ({ value: a, label: a }))}
        onChange={(avoid: Area[]) => set({ avoid })}
      />
      <label htmlFor={`${id}more`}>Sides</label>
      <Select
        id={`${id}more`}
        value={asked.moreSide ?? ''}
        options={[
          { value: '', label: 'both alike' },
          { value: 'left', label: 'more of the left, on purpose' },
          { value: 'right', label: 'more of the right, on purpose' },
        ]}
        onChange={(side) => set({ moreSide: (side || null) as Side | null })}
      />
      <div className={styles.checks}>
        <Checkbox checked={asked.seatedOnly} onChange={(e) => set({ seatedOnly: e.target.checked })}>
          seated only
        </Checkbox>
        <Checkbox checked={asked.onCall} onChange={(e) => set({ onCall: e.target.checked })}>
          while on a call
        </Checkbox>
        {THINGS.map((t) => (
          <Checkbox
            key={t}
            checked={asked.things.includes(t)}
            onChange={(e) =>
              set({ things: e.target.checked ? [...asked.things, t] : asked.things.filter((x) => x !== t) })
            }
          >
            with a {t}
          </Checkbox>
        ))}
        <Checkbox
          className={styles.wide}
          checked={asked.calm}
          onChange={(e) => set({ calm: e.target.checked })}
        >
          to calm down: long breaths out
        </Checkbox>
        {groupName && (
          <Checkbox
            className={styles.wide}
            checked={asked.forGroup}
            onChange={(e) => set({ forGroup: e.target.checked })}
          >
            for {groupName}: their chairs, their limits
          </Checkbox>
        )}
      </div>
    </div>
  );
};
