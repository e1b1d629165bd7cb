import type { Break, Group, IsoDate, Kept, LogRow, Person } from '@kotabi/core/model';
import { whyNotMore } from '@kotabi/core/schedule';
import { Suspense } from 'react';
import { useStore } from 'zustand';
import { Tabs } from '../../fields/Tabs';
import { later } from '../../later/later';
import { ledText } from '../../week/led';
import type { WeekStore } from '../../week/store';
import type { BreakFacts, DayFacts } from '../../week/useFacts';
import styles from '../../week/week.module.css';
import { doesText, whyNotMoreText } from '../../words/week';
import type { Chosen, Tab } from './chosen';

const BreakCard = later(async () => (await import('./cards/BreakCard')).BreakCard);
const BusyCard = later(async () => (await import('./cards/BusyCard')).BusyCard);
const DayCard = later(async () => (await import('./cards/DayCard')).DayCard);
const LedgerPanel = later(async () => (await import('./panels/LedgerPanel')).LedgerPanel);
const RealWeekPanel = later(async () => (await import('./panels/RealWeekPanel')).RealWeekPanel);
const RuleForm = later(async () => (await import('./rule/RuleForm')).RuleForm);

interface Props {
  group: Group;
  people: readonly Person[];
  store: WeekStore;
  days: readonly DayFacts[];
  facts: ReadonlyMap<string, BreakFacts>;
  breaks: Kept<Break>[];
  /** Records of planned breaks, by the planned break. */
  led: ReadonlyMap<string, LogRow>;
  /** Everything that was led for the group around this week. */
  log: readonly LogRow[];
  tab: Tab;
  setTab: (tab: Tab) => void;
  chosen: Chosen | null;
  choose: (chosen: Chosen | null) => void;
  planDay: (date: IsoDate) => void;
  fill: () => void;
  compareTo: string;
}

/** Beside the bands: what is chosen and the rule; what the week gives; what a real week does to it. */
export const Panel = (p: Props) => {
  const { value: week } = useStore(p.store);
  const longest = Math.max(0, ...p.days.map((d) => d.reading.longestRunMin));
  return (
    <aside className={`card ${styles.panel}`} aria-label="Chosen and rule">
      <Tabs
        label="What stands beside the days"
        value={p.tab}
        options={[
          { value: 'plan', label: 'Plan' },
          { value: 'ledger', label: 'Ledger' },
          { value: 'real', label: 'Real week' },
        ]}
        onChange={p.setTab}
      />
      <Suspense fallback={<p className="muted small">One moment …</p>}>
        {p.tab === 'plan' && <PlanTab {...p} />}
        {p.tab === 'ledger' && (
          <LedgerPanel
            days={p.days}
            facts={p.facts}
            aims={week.aims}
            log={p.log}
            timeZone={p.group.timeZone}
            fill={p.fill}
          />
        )}
        {p.tab === 'real' && (
          <RealWeekPanel
            groupId={p.group.id}
            days={p.days}
            facts={p.facts}
            aims={week.aims}
            limitMin={week.rule.limitMin}
            people={p.people.length}
            planned={{ longestRunMin: longest }}
            compareTo={p.compareTo}
          />
        )}
      </Suspense>
    </aside>
  );
};

const PlanTab = ({ store, days, facts, breaks, led, chosen, choose, planDay }: Props) => {
  const found = days.find((d) => d.day.date === chosen?.date);
  const planned = chosen?.kind === 'break' ? found?.day.breaks.find((b) => b.id === chosen.id) : undefined;
  const busy = chosen?.kind === 'busy' ? found?.day.busy.find((b) => b.id === chosen.id) : undefined;
  const close = (): void => choose(null);
  const worked = days.filter((d) => d.day.off === undefined);
  const gives = planned?.breakId ? facts.get(planned.breakId)?.gives : undefined;
  const does = gives ? doesText(gives) : '';
  const lengths = new Map([...facts].map(([id, f]) => [id, f.gives.totalSec * 1000]));
  return (
    <>
      {found && planned && (
        <BreakCard
          key={planned.id}
          store={store}
          input={found.input}
          day={found.day}
          planned={planned}
          breaks={breaks}
          lengths={lengths}
          does={does}
          led={ledText(planned ? led.get(planned.id) : undefined)}
          close={close}
        />
      )}
      {found && busy && (
        <BusyCard key={busy.id} store={store} hours={found.input} day={found.day} busy={busy} close={close} />
      )}
      {found && chosen?.kind === 'day' && (
        <DayCard
          key={found.day.date}
          store={store}
          hours={{ startMin: found.input.startMin, endMin: found.input.endMin }}
          day={found.day}
          notMore={
            found.day.off === undefined && found.held.length > 0
              ? whyNotMoreText(whyNotMore(found.input, found.held))
              : null
          }
          plan={() => planDay(found.day.date)}
          choose={choose}
        />
      )}
      {!chosen && (
        <p className="muted small">
          Draw a meeting on a day, or choose the day to enter it. Choose a break to say which one it is; drag
          it along its day, or use ← →.
        </p>
      )}
      <RuleForm store={store} days={worked.map((d) => ({ input: d.input, breaks: d.held }))} />
    </>
  );
};
