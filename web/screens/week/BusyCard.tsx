import type { BusyTime, Group, WeekDay } from '@kotabi/core/model';
import dayjs from 'dayjs';
import { useStore } from 'zustand';
import { BusyForm } from './BusyForm';
import { putBusy, removeBusy } from './edits';
import { RemoveButton } from './RemoveButton';
import styles from './week.module.css';
import type { WeekStore } from './weekStore';

interface Props {
  group: Group;
  store: WeekStore;
  day: WeekDay;
  busy: BusyTime;
  close: () => void;
}

/** A busy time that is there already. */
export const BusyCard = ({ group, store, day, busy, close }: Props) => {
  const { editDay } = useStore(store);
  return (
    <section className={styles.cardPart} aria-label="Chosen busy time">
      <h2>Busy on {dayjs(day.date).format('dddd')}</h2>
      <BusyForm
        group={group}
        day={day}
        start={busy}
        button="Change"
        save={(value) => editDay(day.date, (d) => putBusy(d, { ...value, id: busy.id }))}
        more={
          <RemoveButton
            remove={() => {
              close();
              editDay(day.date, (d) => removeBusy(d, busy.id));
            }}
          />
        }
      />
    </section>
  );
};
