import type { Break, Group, IsoDate, Kept, MoveLookup } from '@kotabi/core/model';
import { useStore } from 'zustand';
import { BreakCard } from './BreakCard';
import { BusyCard } from './BusyCard';
import { DayCard } from './DayCard';
import { RuleForm } from './RuleForm';
import styles from './week.module.css';
import type { WeekStore } from './weekStore';

export type Chosen =
  | { kind: 'day'; date: IsoDate }
  | { kind: 'break'; date: IsoDate; id: string }
  | { kind: 'busy'; date: IsoDate; id: string };

interface Props {
  group: Group;
  store: WeekStore;
  chosen: Chosen | null;
  choose: (chosen: Chosen | null) => void;
  breaks: Kept<Break>[];
  lookup: MoveLookup;
  planDay: (date: IsoDate) => void;
}

/** Beside the bands: what is chosen, and the rule of the week. */
export const Panel = ({ group, store, chosen, choose, breaks, lookup, planDay }: Props) => {
  const { week } = useStore(store);
  const day = week.days.find((d) => d.date === chosen?.date);
  const planned = chosen?.kind === 'break' ? day?.breaks.find((b) => b.id === chosen.id) : undefined;
  const busy = chosen?.kind === 'busy' ? day?.busy.find((b) => b.id === chosen.id) : undefined;
  return (
    <aside className={`card ${styles.panel}`} aria-label="Chosen and rule">
      {day && planned && (
        <BreakCard
          key={planned.id}
          group={group}
          store={store}
          day={day}
          planned={planned}
          breaks={breaks}
          lookup={lookup}
          close={() => choose(null)}
        />
      )}
      {day && busy && (
        <BusyCard
          key={busy.id}
          group={group}
          store={store}
          day={day}
          busy={busy}
          close={() => choose(null)}
        />
      )}
      {day && chosen?.kind === 'day' && (
        <DayCard
          key={day.date}
          group={group}
          store={store}
          day={day}
          plan={() => planDay(day.date)}
          choose={choose}
        />
      )}
      {!chosen && (
        <p className="muted small">
          Choose a day to enter meetings, or a break to say which one it is. Drag a break along its day, or
          use ← →.
        </p>
      )}
      <RuleForm store={store} breaks={breaks} />
    </aside>
  );
};
