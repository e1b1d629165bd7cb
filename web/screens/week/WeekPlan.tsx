import type { Break, Group, IsoDate, Kept, MoveLookup, PlannedBreak } from '@kotabi/core/model';
import { timed } from '@kotabi/core/review';
import { dayInput, kindOf, plannedBreaks, readDay } from '@kotabi/core/schedule';
import { Button, Tooltip } from 'antd';
import { CalendarRange, Download, Redo2, Undo2 } from 'lucide-react';
import { type ReactNode, useMemo, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useStore } from 'zustand';
import type { GripState } from '../../dayband/DayBand';
import { DayRow } from './DayRow';
import { type Chosen, Panel } from './Panel';
import { SaveNote } from './SaveNote';
import { usePlanning } from './usePlanning';
import { useWidth } from './useWidth';
import styles from './week.module.css';
import type { WeekStore } from './weekStore';

interface Props {
  group: Group;
  store: WeekStore;
  head: ReactNode;
  breaks: Kept<Break>[];
  lookup: MoveLookup;
  reload: () => void;
}

/** Width of the names of the days beside their bands. */
const NAMES = 118;

/** How long each break really takes, in milliseconds. */
const breakLengths = (breaks: readonly Kept<Break>[], lookup: MoveLookup): Map<string, number> =>
  new Map(
    breaks.map(({ value }) => {
      const t = timed(value, lookup);
      return [value.id, t.ok ? t.timeline.totals.totalMs : 0];
    }),
  );

/** One group's week: a band for each day, the rule and what is chosen beside them. */
export const WeekPlan = ({ group, store, head, breaks, lookup, reload }: Props) => {
  const { week, undo, redo, past, future, save } = useStore(store);
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [preview, setPreview] = useState<{ date: IsoDate; breaks: readonly PlannedBreak[] } | null>(null);
  const { plan, planning } = usePlanning(store);
  const bands = useRef<HTMLDivElement>(null);
  const width = useWidth(bands) - NAMES;
  useHotkeys('mod+z', undo, { preventDefault: true, enableOnFormTags: ['slider'] });
  useHotkeys(['mod+shift+z', 'mod+y'], redo, { preventDefault: true, enableOnFormTags: ['slider'] });

  const days = week.days.map((day) => {
    const input = dayInput(group, week.rule, day);
    const shown = preview?.date === day.date ? preview.breaks : day.breaks;
    return { day, input, reading: readDay(input, shown) };
  });
  const longest = Math.max(0, ...days.map((d) => d.reading.longestRunMin));
  const overMin = days.reduce((sum, d) => sum + d.reading.overMin, 0);
  const planned = plannedBreaks(week);
  const lengths = useMemo(() => breakLengths(breaks, lookup), [breaks, lookup]);
  const nameOf = (b: PlannedBreak): string =>
    breaks.find((k) => k.value.id === b.breakId)?.value.name ?? 'break not chosen yet';
  const stateOf = (b: PlannedBreak): GripState => {
    const lengthMs = b.breakId === null ? undefined : lengths.get(b.breakId);
    if (lengthMs === undefined) return 'open';
    return lengthMs > kindOf(week.rule, b).lengthMin * 60_000 ? 'too long' : 'chosen';
  };
  const tooLong = planned.filter((b) => stateOf(b) === 'too long').length;

  return (
    <div className={styles.screen}>
      <div className="bar">
        {head}
        <span className="grow" />
        <SaveNote store={store} reload={reload} />
      </div>
      <div className="bar">
        <span>
          <b>
            {planned.length} break{planned.length === 1 ? '' : 's'}
          </b>{' '}
          · longest run at the desk {longest} min ·{' '}
          {tooLong > 0 && (
            <b className={styles.overText}>
              {tooLong} {tooLong === 1 ? 'takes' : 'take'} longer than planned ·{' '}
            </b>
          )}
          {overMin === 0 ? (
            `never over ${week.rule.limitMin} min`
          ) : (
            <b className={styles.overText}>{overMin} min over the limit</b>
          )}
        </span>
        <span className={`small muted ${styles.legend}`} aria-hidden="true">
          <i className={styles.chosenMark} /> break chosen <i className={styles.openMark} /> not chosen yet{' '}
          <i className={styles.limitMark} /> limit
        </span>
        <span className="grow" />
        <Tooltip title="Undo (Ctrl Z)">
          <Button
            type="text"
            aria-label="Undo"
            icon={<Undo2 size={17} />}
            disabled={past.length === 0}
            onClick={undo}
          />
        </Tooltip>
        <Tooltip title="Redo (Ctrl Shift Z)">
          <Button
            type="text"
            aria-label="Redo"
            icon={<Redo2 size={17} />}
            disabled={future.length === 0}
            onClick={redo}
          />
        </Tooltip>
        <Button
          icon={<Download size={16} />}
          disabled={save !== 'saved' || planned.length === 0}
          href={`/api/groups/${group.id}/weeks/${week.startDate}/calendar`}
        >
          Calendar file
        </Button>
        {planning ? (
          <Button onClick={planning.stop}>
            Planning {Math.min(planning.done + 1, planning.of)} of {planning.of} … cancel
          </Button>
        ) : (
          <Button type="primary" icon={<CalendarRange size={16} />} onClick={() => plan(days)}>
            Plan the week
          </Button>
        )}
      </div>
      <div className={styles.columns}>
        <section className={`card ${styles.bands}`} aria-label="Days" ref={bands}>
          {days.map((d) => (
            <DayRow
              key={d.day.date}
              {...d}
              store={store}
              rule={week.rule}
              width={width}
              highestRun={Math.max(week.rule.limitMin * 1.25, longest)}
              chosen={chosen}
              choose={setChosen}
              nameOf={nameOf}
              stateOf={stateOf}
              preview={(b) => setPreview(b && { date: d.day.date, breaks: b })}
            />
          ))}
        </section>
        <Panel
          group={group}
          store={store}
          chosen={chosen}
          choose={setChosen}
          breaks={breaks}
          lookup={lookup}
          planDay={(date) => void plan(days.filter((d) => d.day.date === date))}
        />
      </div>
    </div>
  );
};
