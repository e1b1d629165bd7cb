import type { BusyTime, Interval, WeekDay } from '@kotabi/core/model';
import { putBusy, removeBusy } from '@kotabi/core/schedule';
import dayjs from 'dayjs';
import { useStore } from 'zustand';
import { editDay, type WeekStore } from '../../../week/store';
import styles from '../../../week/week.module.css';
import { BusyForm } from './BusyForm';
import { RemoveButton } from './RemoveButton';
import { useRepeat } from './useRepeat';

interface Props {
  store: WeekStore;
  hours: Interval;
  day: WeekDay;
  busy: BusyTime;
  close: () => void;
}

/** A busy time that is there already. */
export const BusyCard = ({ store, hours, day, busy, close }: Props) => {
  const { value: week } = useStore(store);
  const repeatIt = useRepeat(store);
  const remove = (): void => {
    close();
    editDay(store, 'remove a busy time', day.date, (d) => removeBusy(d, busy.id));
  };
  return (
    <section className={styles.cardPart} aria-label="Chosen busy time">
      <h2>Busy on {dayjs(day.date).format('dddd')}</h2>
      {busy.calendarId !== null && (
        <p className="muted small">
          Read from a calendar. What is changed here stays until the calendar itself changes.
        </p>
      )}
      <BusyForm
        hours={hours}
        days={week.days.filter((d) => d.date !== day.date)}
        start={busy}
        button="Change"
        save={(value, repeat) => {
          const changed = { ...value, id: busy.id, calendarId: busy.calendarId };
          editDay(store, 'change a busy time', day.date, (d) => putBusy(d, changed));
          repeatIt(day, changed, repeat);
        }}
        more={<RemoveButton remove={remove} />}
      />
    </section>
  );
};
