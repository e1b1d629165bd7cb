import type { Break, Group, Kept, MoveLookup, PlannedBreak, WeekDay } from '@kotabi/core/model';
import { timed } from '@kotabi/core/review';
import { dayInput, kindOf, obstacle } from '@kotabi/core/schedule';
import { Button, Select, Switch } from 'antd';
import dayjs from 'dayjs';
import { useNavigate } from 'react-router';
import { useStore } from 'zustand';
import { minSec } from '../../words/time';
import { changePlanned, otherSpans, removePlanned } from './edits';
import { RemoveButton } from './RemoveButton';
import { TimeField } from './TimeField';
import styles from './week.module.css';
import type { WeekStore } from './weekStore';

interface Props {
  group: Group;
  store: WeekStore;
  day: WeekDay;
  planned: PlannedBreak;
  breaks: Kept<Break>[];
  lookup: MoveLookup;
  close: () => void;
}

const WRONG = {
  outside: 'This lies outside the day.',
  blocked: 'This lands in a meeting. A break that lands in a meeting does not happen.',
  'off desk': 'This lies in time off the desk.',
  overlap: 'This lies on top of another break.',
} as const;

/** The chosen break of a day: when, which one, set by hand or free to move. */
export const BreakCard = ({ group, store, day, planned, breaks, lookup, close }: Props) => {
  const { week, editDay } = useStore(store);
  const navigate = useNavigate();
  const { lengthMin } = kindOf(week.rule, planned);
  const change = (more: Partial<PlannedBreak>): void =>
    editDay(day.date, (d) => changePlanned(d, planned.id, more));
  const others = otherSpans(day, week.rule, planned.id);
  const wrong = obstacle(dayInput(group, week.rule, day), others, planned.startMin, lengthMin);
  const chosen = breaks.find((b) => b.value.id === planned.breakId)?.value;
  const t = chosen && timed(chosen, lookup);
  const total = t?.ok ? t.timeline.totals.totalMs : 0;
  const tooLong = total > lengthMin * 60_000;
  return (
    <section className={styles.cardPart} aria-label="Chosen break">
      <h2>Break on {dayjs(day.date).format('dddd')}</h2>
      <div className={styles.fields}>
        <span>Starts at</span>
        <TimeField
          label="Start of the break"
          value={planned.startMin}
          status={wrong ? 'error' : undefined}
          set={(startMin) => change({ startMin, locked: true })}
        />
        {week.rule.kinds.length > 1 && (
          <>
            <span>Length</span>
            <Select
              aria-label="Length of the break"
              value={planned.kindId}
              options={week.rule.kinds.map((k) => ({ value: k.id, label: `${k.lengthMin} min` }))}
              onChange={(kindId) => change({ kindId, locked: true })}
            />
          </>
        )}
        <span>Which break</span>
        <Select
          aria-label="Which break"
          value={chosen ? chosen.id : ''}
          popupMatchSelectWidth={280}
          options={[
            { value: '', label: planned.breakId && !chosen ? 'was deleted' : 'not chosen yet' },
            ...breaks.map((b) => ({ value: b.value.id, label: b.value.name })),
          ]}
          onChange={(id) => change({ breakId: id || null })}
        />
        <label htmlFor="locked">Stays here</label>
        <Switch id="locked" checked={planned.locked} onChange={(locked) => change({ locked })} />
      </div>
      {wrong && <p className={styles.overText}>{WRONG[wrong]}</p>}
      {tooLong && (
        <p className={styles.overText}>
          It takes {minSec(total)} min; {lengthMin} min are planned.
        </p>
      )}
      <div className="bar">
        {chosen && (
          <Button size="small" onClick={() => navigate(`/lead/${chosen.id}`)}>
            Lead it
          </Button>
        )}
        <RemoveButton
          remove={() => {
            close();
            editDay(day.date, (d) => removePlanned(d, planned.id));
          }}
        />
      </div>
    </section>
  );
};
