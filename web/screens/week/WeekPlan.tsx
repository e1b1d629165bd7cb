import type { Break, Group, IsoDate, Kept, MoveLookup, PlannedBreak } from '@kotabi/core/model';
import {
  dayInput,
  freeStart,
  kindOf,
  middleOfLongestRun,
  type PlanFailure,
  plannedBreaks,
  readDay,
  withPlan,
} from '@kotabi/core/schedule';
import { App, Button, Tooltip } from 'antd';
import dayjs from 'dayjs';
import { CalendarRange, Download, Plus, Redo2, Undo2 } from 'lucide-react';
import { nanoid } from 'nanoid';
import { type ReactNode, useMemo, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useStore } from 'zustand';
import { DayBand, type GripState } from '../../dayband/DayBand';
import { clock } from '../../words/time';
import { planDays } from '../../workers';
import { timed } from '../break/useTimed';
import { type Chosen, Panel } from './Panel';
import { useWidth } from './useWidth';
import styles from './week.module.css';
import type { WeekSave, WeekStore } from './weekStore';

interface Props {
  group: Group;
  store: WeekStore;
  head: ReactNode;
  breaks: Kept<Break>[];
  lookup: MoveLookup;
  reload: () => void;
}

const SAYS: Record<WeekSave, string> = {
  new: 'Nothing planned yet',
  saved: 'Saved',
  saving: 'Saving …',
  offline: 'Not saved: the server does not answer. Your plan is kept here and tried again.',
  conflict: 'Not saved: this week was changed elsewhere.',
  refused: 'Not saved: ',
};

/** How long each break really takes, in milliseconds. */
const breakLengths = (breaks: readonly Kept<Break>[], lookup: MoveLookup): Map<string, number> =>
  new Map(
    breaks.map(({ value }) => {
      const t = timed(value, lookup);
      return [value.id, t.ok ? t.timeline.totals.totalMs : 0];
    }),
  );

/** Why a day could not be planned, in words. */
const failureText = (failure: PlanFailure): string => {
  switch (failure.code) {
    case 'tooFewFit':
      return `the rule asks for ${failure.minCount} breaks, only ${failure.possible} fit`;
    case 'tooManyLocked':
      return `${failure.locked} breaks are set by hand, the rule allows ${failure.maxCount}`;
    case 'lockedDoesNotFit':
      return `the break set by hand at ${clock(failure.startMin)} is ${
        {
          outside: 'outside the day',
          blocked: 'in a meeting',
          'off desk': 'in time off the desk',
          overlap: 'on top of another',
        }[failure.why]
      }; move it or let it go`;
  }
};

/** One group's week: a band for each day, the rule and what is chosen beside them. */
export const WeekPlan = ({ group, store, head, breaks, lookup, reload }: Props) => {
  const state = useStore(store);
  const { week, edit, editDay, undo, redo, past, future, save } = state;
  const { message } = App.useApp();
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [preview, setPreview] = useState<{ date: IsoDate; breaks: readonly PlannedBreak[] } | null>(null);
  const [planning, setPlanning] = useState<{ done: number; stop: () => void } | null>(null);
  const bands = useRef<HTMLDivElement>(null);
  const width = useWidth(bands) - 118;
  useHotkeys('mod+z', undo, { preventDefault: true });
  useHotkeys(['mod+shift+z', 'mod+y'], redo, { preventDefault: true });

  const breaksOf = (date: IsoDate, kept: readonly PlannedBreak[]): readonly PlannedBreak[] =>
    preview?.date === date ? preview.breaks : kept;
  const readings = week.days.map((day) => {
    const input = dayInput(group, week.rule, day);
    return { day, input, reading: readDay(input, breaksOf(day.date, day.breaks)) };
  });
  const highestRun = Math.max(week.rule.limitMin * 1.25, ...readings.map((r) => r.reading.longestRunMin));
  const totalOver = readings.reduce((sum, r) => sum + r.reading.overMin, 0);
  const count = plannedBreaks(week).length;
  const lengths = useMemo(() => breakLengths(breaks, lookup), [breaks, lookup]);
  const nameOf = (b: PlannedBreak): string =>
    breaks.find((k) => k.value.id === b.breakId)?.value.name ?? 'break not chosen yet';
  const stateOf = (b: PlannedBreak): GripState => {
    const lengthMs = b.breakId === null ? undefined : lengths.get(b.breakId);
    if (lengthMs === undefined) return 'open';
    return lengthMs > kindOf(week.rule, b).lengthMin * 60_000 ? 'too long' : 'chosen';
  };
  const tooLong = plannedBreaks(week).filter((b) => stateOf(b) === 'too long').length;

  /** Plans the given days anew around what is set by hand. */
  const plan = async (dates: readonly IsoDate[]): Promise<void> => {
    const stop = new AbortController();
    setPlanning({ done: 0, stop: () => stop.abort() });
    const days = readings.filter((r) => dates.includes(r.day.date));
    try {
      const results = await planDays(
        days.map((r) => r.input),
        stop.signal,
        (done) => setPlanning((p) => p && { ...p, done }),
      );
      edit((w) => ({
        ...w,
        days: w.days.map((day) => {
          const result = results[days.findIndex((r) => r.day.date === day.date)];
          return result?.ok ? withPlan(day, result.plan.breaks) : day;
        }),
      }));
      const failed = results.flatMap((r, i) => {
        const date = days[i]?.day.date;
        return r.ok || !date ? [] : [`${dayjs(date).format('dddd')}: ${failureText(r.failure)}`];
      });
      if (failed.length > 0) message.warning(`Not planned. ${failed.join('. ')}.`, 8);
    } catch (error) {
      if ((error as Error).name !== 'AbortError') message.error(String(error));
    } finally {
      setPlanning(null);
    }
  };

  const addBreak = (date: IsoDate): void => {
    const at = readings.find((r) => r.day.date === date);
    const [kind] = week.rule.kinds;
    if (!at || !kind) return;
    const others = at.day.breaks.map((b) => ({
      startMin: b.startMin,
      endMin: b.startMin + kindOf(week.rule, b).lengthMin,
    }));
    const startMin = freeStart(at.input, others, kind.lengthMin, middleOfLongestRun(at.input, at.day.breaks));
    if (startMin === null) {
      message.info('There is no free time for another break on this day.');
      return;
    }
    const planned: PlannedBreak = {
      id: `${date}.${nanoid(6)}`,
      startMin,
      kindId: kind.id,
      breakId: null,
      locked: true,
    };
    editDay(date, (d) => ({ ...d, breaks: [...d.breaks, planned].sort((a, b) => a.startMin - b.startMin) }));
    setChosen({ kind: 'break', date, id: planned.id });
  };
  const moveBreak = (date: IsoDate) => (id: string, startMin: number) =>
    editDay(date, (d) => ({
      ...d,
      breaks: d.breaks
        .map((b) => (b.id === id ? { ...b, startMin, locked: true } : b))
        .sort((a, b) => a.startMin - b.startMin),
    }));
  const removeBreak = (date: IsoDate) => (id: string) =>
    editDay(date, (d) => ({ ...d, breaks: d.breaks.filter((b) => b.id !== id) }));

  return (
    <div className={styles.screen}>
      <div className="bar">
        {head}
        <span className="grow" />
        <span
          role="status"
          className={['offline', 'conflict', 'refused'].includes(save) ? styles.notSaved : 'muted small'}
        >
          {SAYS[save]}
          {save === 'refused' && state.why}
        </span>
        {save === 'conflict' && (
          <Button size="small" onClick={reload}>
            Open the other version
          </Button>
        )}
        {(save === 'refused' || save === 'offline') && (
          <Button size="small" onClick={state.retry}>
            Try now
          </Button>
        )}
      </div>
      <div className="bar">
        <span>
          <b>
            {count} break{count === 1 ? '' : 's'}
          </b>{' '}
          · longest run at the desk {Math.max(0, ...readings.map((r) => r.reading.longestRunMin))} min ·{' '}
          {tooLong > 0 && (
            <b className={styles.overText}>
              {tooLong} {tooLong === 1 ? 'takes' : 'take'} longer than planned ·{' '}
            </b>
          )}
          {totalOver === 0 ? (
            `never over ${week.rule.limitMin} min`
          ) : (
            <b className={styles.overText}>{totalOver} min over the limit</b>
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
          disabled={save !== 'saved' || count === 0}
          href={`/api/groups/${group.id}/weeks/${week.startDate}/calendar`}
        >
          Calendar file
        </Button>
        {planning ? (
          <Button onClick={planning.stop}>
            Planning {planning.done + 1} of {week.days.length} … cancel
          </Button>
        ) : (
          <Button
            type="primary"
            icon={<CalendarRange size={16} />}
            onClick={() => plan(week.days.map((d) => d.date))}
          >
            Plan the week
          </Button>
        )}
      </div>
      <div className={styles.columns}>
        <section className={`card ${styles.bands}`} aria-label="Days" ref={bands}>
          {readings.map(({ day, input, reading }) => (
            <div key={day.date} className={styles.day}>
              <div className={styles.dayName}>
                <button
                  type="button"
                  className={
                    chosen?.kind === 'day' && chosen.date === day.date ? styles.dayOn : styles.dayButton
                  }
                  aria-pressed={chosen?.kind === 'day' && chosen.date === day.date}
                  onClick={() => setChosen({ kind: 'day', date: day.date })}
                >
                  {dayjs(day.date).format('ddd D')}
                </button>
                <span className="muted small">
                  {day.breaks.length} break{day.breaks.length === 1 ? '' : 's'}
                </span>
                <span className={`small tabular ${reading.overMin > 0 ? styles.overText : 'muted'}`}>
                  longest {reading.longestRunMin} min
                </span>
                <span
                  className="muted small tabular"
                  title="What the day costs by the rule; the planner makes it as small as it can"
                >
                  cost {reading.cost}
                </span>
                <Tooltip title="Add a break in the longest run" mouseEnterDelay={0.5}>
                  <button
                    type="button"
                    className={styles.add}
                    aria-label={`Add a break on ${dayjs(day.date).format('dddd')}`}
                    onClick={() => addBreak(day.date)}
                  >
                    <Plus size={14} /> break
                  </button>
                </Tooltip>
              </div>
              {width > 100 && (
                <DayBand
                  input={input}
                  rule={week.rule}
                  busy={day.busy}
                  breaks={day.breaks}
                  width={width}
                  highestRun={highestRun}
                  dayName={dayjs(day.date).format('dddd')}
                  nameOf={nameOf}
                  stateOf={stateOf}
                  chosen={chosen && 'id' in chosen && chosen.date === day.date ? chosen.id : null}
                  onChoose={(id, kind) => setChosen({ kind, date: day.date, id })}
                  onMove={moveBreak(day.date)}
                  onRemove={removeBreak(day.date)}
                  onPreview={(b) => setPreview(b && { date: day.date, breaks: b })}
                />
              )}
            </div>
          ))}
        </section>
        <Panel
          group={group}
          store={store}
          chosen={chosen}
          choose={setChosen}
          breaks={breaks}
          lookup={lookup}
          planDay={(date) => void plan([date])}
        />
      </div>
    </div>
  );
};
