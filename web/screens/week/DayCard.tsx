import type { Group, WeekDay } from '@kotabi/core/model';
import { Button } from 'antd';
import dayjs from 'dayjs';
import { nanoid } from 'nanoid';
import { useStore } from 'zustand';
import { clock } from '../../words/time';
import { BusyForm } from './BusyForm';
import { putBusy } from './edits';
import type { Chosen } from './Panel';
import styles from './week.module.css';
import type { WeekStore } from './weekStore';

interface Props {
  group: Group;
  store: WeekStore;
  day: WeekDay;
  plan: () => void;
  choose: (chosen: Chosen | null) => void;
}

/** The chosen day: its busy times, one more to enter, and planning it alone. */
export const DayCard = ({ group, store, day, plan, choose }: Props) => {
  const { editDay } = useStore(store);
  const next = Math.min(
    Math.max(group.hours.startMin, ...day.busy.map((b) => b.endMin)),
    group.hours.endMin - 60,
  );
  return (
    <section className={styles.cardPart} aria-label="Chosen day">
      <h2>{dayjs(day.date).format('dddd D MMMM')}</h2>
      {day.busy.length > 0 && (
        <ul className={styles.busyList}>
          {day.busy.map((b) => (
            <li key={b.id}>
              <button type="button" onClick={() => choose({ kind: 'busy', date: day.date, id: b.id })}>
                <span className="tabular">
                  {clock(b.startMin)}–{clock(b.endMin)}
                </span>{' '}
                {b.label || (b.offDesk ? 'off the desk' : 'busy')}
              </button>
            </li>
          ))}
        </ul>
      )}
      <h3>Add a busy time</h3>
      <BusyForm
        key={day.busy.length}
        group={group}
        day={day}
        start={{ startMin: next, endMin: next + 60, label: '', offDesk: false }}
        button="Add"
        save={(value) => editDay(day.date, (d) => putBusy(d, { ...value, id: nanoid(8) }))}
        more={
          <Button size="small" onClick={plan}>
            Plan this day
          </Button>
        }
      />
    </section>
  );
};
