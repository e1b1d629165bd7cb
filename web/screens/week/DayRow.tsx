import type { Minutes, PlannedBreak, Rule } from '@kotabi/core/model';
import {
  addPlanned,
  type LocalNow,
  movePlanned,
  newPlanned,
  nowOn,
  putBusy,
  removePlanned,
} from '@kotabi/core/schedule';
import dayjs from 'dayjs';
import { Plus } from 'lucide-react';
import { nanoid } from 'nanoid';
import { DayBand } from '../../dayband/DayBand';
import type { GripState } from '../../dayband/Grip';
import { useMessages } from '../../shell/messages';
import { editDay, type WeekStore } from '../../week/store';
import type { DayFacts } from '../../week/useFacts';
import styles from '../../week/week.module.css';
import type { Chosen } from './chosen';

interface Props {
  store: WeekStore;
  facts: DayFacts;
  rule: Rule;
  now: LocalNow;
  width: number;
  highestRun: Minutes;
  chosen: Chosen | null;
  choose: (chosen: Chosen) => void;
  nameOf: (planned: PlannedBreak) => string;
  doesOf: (planned: PlannedBreak) => string;
  ledOf: (planned: PlannedBreak) => string;
  stateOf: (planned: PlannedBreak) => GripState;
  preview: (breaks: readonly PlannedBreak[] | null) => void;
}

/** One day of the week: its name and numbers, and its band. */
export const DayRow = ({ store, facts, rule, now, chosen, choose, preview, ...band }: Props) => {
  const { day, input, held, reading } = facts;
  const { message } = useMessages();
  const { date } = day;
  const name = dayjs(date).format('dddd');
  const isChosen = chosen?.kind === 'day' && chosen.date === date;
  const add = (): void => {
    const planned = newPlanned(day, input, rule, `${date}.${nanoid(6)}`);
    if (!planned) {
      message.info('There is no free time for another break on this day.');
      return;
    }
    editDay(store, 'add a break', date, (d) => addPlanned(d, planned));
    choose({ kind: 'break', date, id: planned.id });
  };
  return (
    <div className={styles.day}>
      <div className={styles.dayName}>
        <button
          type="button"
          className={isChosen ? styles.dayOn : styles.dayButton}
          aria-pressed={isChosen}
          onClick={() => choose({ kind: 'day', date })}
        >
          {dayjs(date).format('ddd D')}
        </button>
        {day.off === undefined && (
          <>
            <span className="muted small">
              {held.length} break{held.length === 1 ? '' : 's'}
            </span>
            <span className={`small tabular ${reading.overMin > 0 ? styles.overText : 'muted'}`}>
              longest {reading.longestRunMin} min
            </span>
            {reading.overMin > 0 ? (
              <span className={`small tabular ${styles.overText}`}>{reading.overMin} min over</span>
            ) : null}
            <button
              title="Add a break in the longest run"
              type="button"
              className={styles.add}
              aria-label={`Add a break on ${name}`}
              onClick={add}
            >
              <Plus size={14} /> break
            </button>
          </>
        )}
      </div>
      {day.off !== undefined ? (
        <p className={styles.dayOff}>{day.off}: nobody works, nothing is planned.</p>
      ) : (
        band.width > 100 && (
          <DayBand
            {...band}
            input={input}
            rule={rule}
            busy={day.busy}
            breaks={day.breaks}
            dayName={name}
            nowMin={
              now.date === date || (nowOn(now, date) > 1440 && nowOn(now, date) <= input.endMin)
                ? nowOn(now, date)
                : null
            }
            chosen={chosen && 'id' in chosen && chosen.date === date ? chosen.id : null}
            onChoose={(id, kind) => choose({ kind, date, id })}
            onMove={(id, startMin) =>
              editDay(store, 'move a break', date, (d) => movePlanned(d, id, startMin))
            }
            onRemove={(id) => editDay(store, 'remove a break', date, (d) => removePlanned(d, id))}
            onDraw={(span) => {
              const id = nanoid(8);
              editDay(store, 'draw a busy time', date, (d) =>
                putBusy(d, { id, label: '', use: 'meeting', calendarId: null, ...span }),
              );
              choose({ kind: 'busy', date, id });
            }}
            onPreview={preview}
          />
        )
      )}
    </div>
  );
};
