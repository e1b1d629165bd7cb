import type { Interval, WeekDay } from '@kotabi/core/model';
import { putBusy } from '@kotabi/core/schedule';
import { Button, Input, Switch } from 'antd';
import dayjs from 'dayjs';
import { nanoid } from 'nanoid';
import { useStore } from 'zustand';
import { USE_NAME } from '../../../dayband/Spans';
import { TimeField } from '../../../fields/TimeField';
import { editDay, type WeekStore } from '../../../week/store';
import styles from '../../../week/week.module.css';
import { clock } from '../../../words/time';
import { nightStart } from '../../../words/week';
import type { Chosen } from '../chosen';
import { BusyForm } from './BusyForm';
import { useRepeat } from './useRepeat';

interface Props {
  store: WeekStore;
  hours: Interval;
  day: WeekDay;
  /** Why there is not one break more. */
  notMore: string | null;
  plan: () => void;
  choose: (chosen: Chosen | null) => void;
}

/** The chosen day: whether and when it is worked, its busy times, one more to enter, and planning it alone. */
export const DayCard = ({ store, hours, day, notMore, plan, choose }: Props) => {
  const { value: week } = useStore(store);
  const repeatIt = useRepeat(store);
  const next = Math.min(Math.max(hours.startMin, ...day.busy.map((b) => b.endMin)), hours.endMin - 60);
  const night = nightStart(hours);
  const setHours = (part: Partial<Interval>): void =>
    editDay(store, 'change the hours', day.date, (d) => ({ ...d, hours: { ...hours, ...part } }));
  const wrongHours = hours.endMin <= hours.startMin;
  return (
    <section className={styles.cardPart} aria-label="Chosen day">
      <h2>{dayjs(day.date).format('dddd D MMMM')}</h2>
      <div className={styles.pair}>
        <label htmlFor="works">Somebody works</label>
        <Switch
          id="works"
          checked={day.off === undefined}
          onChange={(on) =>
            editDay(store, 'day off', day.date, ({ off: _, ...d }) =>
              on ? d : { ...d, off: 'Day off', breaks: [] },
            )
          }
        />
      </div>
      {day.off !== undefined ? (
        <Input
          aria-label="Why nobody works"
          value={day.off}
          maxLength={60}
          onChange={(e) =>
            editDay(store, 'name the day off', day.date, (d) => ({ ...d, off: e.target.value }))
          }
        />
      ) : (
        <>
          <div className={styles.hours}>
            <TimeField
              label="Day starts"
              value={hours.startMin}
              set={(startMin) => startMin < hours.endMin && setHours({ startMin })}
            />
            <span>to</span>
            <TimeField
              label="Day ends"
              value={hours.endMin}
              dayStartMin={night}
              status={wrongHours ? 'error' : undefined}
              set={(endMin) => setHours({ endMin: endMin <= hours.startMin ? endMin + 1440 : endMin })}
            />
          </div>
          {night > 0 && <p className="muted small">Ends on the next day.</p>}
          {notMore && <p className="muted small">{notMore}</p>}
          {day.busy.length > 0 && (
            <ul className={styles.busyList}>
              {day.busy.map((b) => (
                <li key={b.id}>
                  <button type="button" onClick={() => choose({ kind: 'busy', date: day.date, id: b.id })}>
                    <span className="tabular">
                      {clock(b.startMin)}–{clock(b.endMin)}
                    </span>{' '}
                    {b.label || USE_NAME[b.use]}
                  </button>
                </li>
              ))}
            </ul>
          )}
          <h3>Add a busy time</h3>
          <BusyForm
            key={`${day.busy.length}.${hours.startMin}.${hours.endMin}`}
            hours={hours}
            days={week.days.filter((d) => d.date !== day.date)}
            start={{ startMin: next, endMin: next + 60, label: '', use: 'meeting' }}
            button="Add"
            save={(value, repeat) => {
              const busy = { ...value, id: nanoid(8), calendarId: null };
              editDay(store, 'enter a busy time', day.date, (d) => putBusy(d, busy));
              repeatIt(day, busy, repeat);
            }}
            more={
              <Button size="small" onClick={plan}>
                Plan this day
              </Button>
            }
          />
        </>
      )}
    </section>
  );
};
