import {
  busyChanges,
  type Frame,
  fromToday,
  type LocalNow,
  mendDays,
  withCalendars,
} from '@kotabi/core/schedule';
import { Button } from 'antd';
import { useEffect, useMemo, useState } from 'react';
import { useStore } from 'zustand';
import { useBusy } from '../../api/queries';
import fields from '../../fields/fields.module.css';
import type { WeekStore } from '../../week/store';
import styles from '../../week/week.module.css';
import { clock } from '../../words/time';
import { changeText, weekdayName } from '../../words/week';

const KEY = 'kotabi.mends-by-itself';
const SHOWN = 3;

/** What mending moved: each break by itself, or only how many when they are many. */
const movedText = (moved: ReturnType<typeof mendDays>['moved']): string[] => {
  if (moved.length > SHOWN) {
    const gone = moved.filter((m) => m.to === null).length;
    const rest = moved.length - gone;
    return [
      `${rest} breaks moved for it`,
      ...(gone > 0 ? [`${gone} ${gone === 1 ? 'has' : 'have'} no place any more`] : []),
    ];
  }
  return moved.map((m) =>
    m.to === null
      ? `the break on ${weekdayName(m.date)} at ${clock(m.from)} has no place any more`
      : `the break on ${weekdayName(m.date)} moved from ${clock(m.from)} to ${clock(m.to)}`,
  );
};

/**
 * Says when the calendars say something else than the plan, and puts the plan right: by itself, or when told to.
 * Days that have passed stay as they were.
 */
export const CalendarNote = ({ store, frame, now }: { store: WeekStore; frame: Frame; now: LocalNow }) => {
  const today = now.date;
  const { value: week, replace, undoEdit, save } = useStore(store);
  const busy = useBusy(week.groupId, week.startDate, { personId: week.personId });
  const [itself, setItself] = useState(() => localStorage.getItem(KEY) !== 'no');
  const [did, setDid] = useState<string[]>([]);
  const fresh = useMemo(
    () => busy.data && fromToday(busy.data, week.days, today),
    [busy.data, week.days, today],
  );
  const changes = useMemo(() => (fresh ? busyChanges(week, fresh) : []), [fresh, week]);
  // A week that was never planned simply starts with what the calendars say.
  const untouched = save.at === 'new' && week.days.every((d) => d.breaks.length === 0);

  const mend = (): void => {
    if (!fresh) return;
    const taken = withCalendars(week, fresh);
    const { days, moved } = mendDays(taken.days, frame, week.rule, now);
    // What is put right by itself goes with the edit before it: one undo takes back what the user did last.
    replace('put right after the calendars', () => ({ ...taken, days }), { itself: itself || untouched });
    const says = [
      ...changes.slice(0, SHOWN).map(changeText),
      ...(changes.length > SHOWN ? [`${changes.length - SHOWN} more changes`] : []),
      ...movedText(moved),
    ];
    setDid(untouched ? [] : says);
  };

  // biome-ignore lint/correctness/useExhaustiveDependencies: only a change in the calendars sets this going
  useEffect(() => {
    if (changes.length > 0 && (itself || untouched)) mend();
  }, [changes.length, busy.dataUpdatedAt]);

  /** Takes back only what was put right, not what the user did before it. */
  const undoMending = (): void => {
    const { undo } = store.getState();
    const last = undo.at(-1);
    if (!last) return;
    if (!last.itself) undoEdit();
    else store.setState({ undo: [...undo.slice(0, -1), { ...last, itself: false }] });
    if (last.itself) store.getState().undoEdit();
  };

  const toggle = (on: boolean): void => {
    setItself(on);
    localStorage.setItem(KEY, on ? 'yes' : 'no');
  };
  const waiting = changes.length > 0 && !itself && !untouched;
  if (!waiting && did.length === 0) return null;
  return (
    <div className={`card ${styles.note}`} role="status" aria-label="Calendars">
      <span>
        {waiting ? (
          <>
            <b>The calendars have changed.</b> {changes.slice(0, SHOWN).map(changeText).join('; ')}
            {changes.length > SHOWN && `; ${changes.length - SHOWN} more`}.
          </>
        ) : (
          <>
            <b>Put right.</b> {did.join('; ')}.
          </>
        )}
      </span>
      <span className="grow" />
      {waiting ? (
        <Button size="small" type="primary" onClick={mend}>
          Take over and mend
        </Button>
      ) : (
        <>
          <Button
            size="small"
            onClick={() => {
              toggle(false);
              undoMending();
              setDid([]);
            }}
          >
            Undo
          </Button>
          <Button size="small" type="text" onClick={() => setDid([])}>
            Good
          </Button>
        </>
      )}
      <span className={styles.itself}>
        <input
          type="checkbox"
          role="switch"
          id="by-itself"
          className={fields.switch}
          checked={itself}
          aria-checked={itself}
          onChange={(e) => toggle(e.target.checked)}
        />
        <label htmlFor="by-itself">by itself</label>
      </span>
    </div>
  );
};
