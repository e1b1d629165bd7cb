import type { Break, Group, IsoDate, Kept, Person, PlannedBreak, Week } from '@kotabi/core/model';
import { addDays, colliding, kindOf, plannedBreaks } from '@kotabi/core/schedule';
import { Button } from 'antd';
import { CalendarDays, CalendarRange, Copy, ListChecks, Redo2, Send, Undo2, UsersRound } from 'lucide-react';
import { type ReactNode, Suspense, useMemo, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link } from 'react-router';
import { useStore } from 'zustand';
import { MOST_ROWS, useLog } from '../../api/queries';
import type { GripState } from '../../dayband/Grip';
import { SaveNote } from '../../document/SaveNote';
import { later } from '../../later/later';
import { ledByPlan, ledText } from '../../week/led';
import type { WeekStore } from '../../week/store';
import { useBreakFacts, useDays } from '../../week/useFacts';
import { useGiven } from '../../week/useGiven';
import { useNow } from '../../week/useNow';
import styles from '../../week/week.module.css';
import { doesText } from '../../words/week';
import { CalendarNote } from './CalendarNote';
import type { Chosen, Tab } from './chosen';
import { DayRow } from './DayRow';
import { GivenNote } from './GivenNote';
import { Panel } from './Panel';
import { usePlanning } from './usePlanning';
import { useWidth } from './useWidth';

const CalendarsDialog = later(async () => (await import('./dialogs/CalendarsDialog')).CalendarsDialog);
const FillDialog = later(async () => (await import('./dialogs/FillDialog')).FillDialog);
const GiveOutDialog = later(async () => (await import('./dialogs/GiveOutDialog')).GiveOutDialog);
const WeeksDialog = later(async () => (await import('./dialogs/WeeksDialog')).WeeksDialog);

interface Props {
  group: Group;
  /** Whose week it is; null for the whole group. */
  person: Person | null;
  people: readonly Person[];
  store: WeekStore;
  head: ReactNode;
  breaks: Kept<Break>[];
  /** The week as the server has it now. */
  theirs: () => Promise<Kept<Week>>;
}

/** Width of the names of the days beside their bands. */
const NAMES = 118;

type Dialog = 'calendars' | 'fill' | 'weeks' | 'give out';

/** One week of a group or a person: a band for each day, and beside them the rule, the ledger and a real week. */
export const WeekPlan = ({ group, person, people, store, head, breaks, theirs }: Props) => {
  const { value: week, undoEdit, redoEdit, undo, redo, save } = useStore(store);
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [tab, setTab] = useState<Tab>('plan');
  const [dialog, setDialog] = useState<Dialog | null>(null);
  const [preview, setPreview] = useState<{ date: IsoDate; breaks: readonly PlannedBreak[] } | null>(null);
  const now = useNow(group.timeZone);
  const { plan, planning } = usePlanning(store, now);
  const bands = useRef<HTMLDivElement>(null);
  const width = useWidth(bands) - NAMES;
  useHotkeys('mod+z', undoEdit, { preventDefault: true, enableOnFormTags: ['slider'] });
  useHotkeys(['mod+shift+z', 'mod+y'], redoEdit, { preventDefault: true, enableOnFormTags: ['slider'] });

  const takingPart = person ? [person] : people;
  const { frame, days } = useDays(week, group, person, preview);
  const facts = useBreakFacts(breaks);
  const log = useLog({
    groupId: group.id,
    // A week begins earlier or later by the clock in which records are kept.
    from: addDays(week.startDate, -1),
    until: addDays(week.startDate, 7),
    limit: MOST_ROWS,
  }).data?.rows;
  const led = useMemo(() => ledByPlan(log ?? []), [log]);
  const given = useGiven(week, now);
  const longest = Math.max(0, ...days.map((d) => d.reading.longestRunMin));
  const overMin = days.reduce((sum, d) => sum + d.reading.overMin, 0);
  const planned = plannedBreaks(week);
  const nameOf = (b: PlannedBreak): string =>
    breaks.find((k) => k.value.id === b.breakId)?.value.name ?? 'break not chosen yet';
  const doesOf = ({ breakId }: PlannedBreak): string => {
    const gives = breakId === null ? undefined : facts.get(breakId)?.gives;
    return gives ? doesText(gives) : '';
  };
  const ledOf = ({ id }: PlannedBreak): string => ledText(led.get(id));
  const stateOf = (b: PlannedBreak): GripState => {
    const gives = b.breakId === null ? undefined : facts.get(b.breakId)?.gives;
    if (!gives) return 'open';
    return gives.totalSec > kindOf(week.rule, b).lengthMin * 60 ? 'too long' : 'chosen';
  };
  const tooLong = planned.filter((b) => stateOf(b) === 'too long').length;
  const inTheWay = days.reduce(
    (sum, d) => sum + (d.day.off === undefined ? colliding(d.day, d.input, week.rule).length : 0),
    0,
  );
  const choose = (next: Chosen | null): void => {
    setChosen(next);
    if (next) setTab('plan');
  };
  const here = `/week/${group.id}/${week.startDate}`;
  const whose = person ? `?person=${person.id}` : '';
  const tool = (label: string, tip: string, icon: ReactNode, open: Dialog) => (
    <Button title={tip} icon={icon} onClick={() => setDialog(open)}>
      {label}
    </Button>
  );

  return (
    <div className={styles.screen}>
      <div className="bar">
        {head}
        <span className="grow" />
        <GivenNote given={given} kept={save.at !== 'new'} />
        <SaveNote document={store} what="week" fresh="Nothing planned yet" theirs={theirs} />
      </div>
      <div className="bar">
        {tool('Calendars', 'Whose busy times are planned around', <CalendarDays size={16} />, 'calendars')}
        <Link to={`${here}/led${whose}`}>
          <Button icon={<UsersRound size={16} />}>Led sessions</Button>
        </Link>
        {tool(
          'Choose breaks',
          'Which break when, so that the aims are met',
          <ListChecks size={16} />,
          'fill',
        )}
        {tool('Other weeks', 'Copy, move, change from a date on', <Copy size={16} />, 'weeks')}
        {tool('Give out', 'Calendars, table, page, reminders', <Send size={16} />, 'give out')}
        <span className="grow" />
        <Button
          title="Undo (Ctrl Z)"
          type="text"
          aria-label="Undo"
          icon={<Undo2 size={17} />}
          disabled={undo.every((e) => e.itself)}
          onClick={undoEdit}
        />
        <Button
          title="Redo (Ctrl Shift Z)"
          type="text"
          aria-label="Redo"
          icon={<Redo2 size={17} />}
          disabled={redo.length === 0}
          onClick={redoEdit}
        />
        {planning ? (
          <Button onClick={planning.stop}>
            Planning {Math.min(planning.done + 1, planning.of)} of {planning.of} … cancel
          </Button>
        ) : (
          <Button type="primary" icon={<CalendarRange size={16} />} onClick={() => plan(days)}>
            Plan the week
          </Button>
        )}
      </div>
      <CalendarNote store={store} frame={frame} now={now} />
      <div className={styles.columns}>
        <section className={`card ${styles.bands}`} aria-label="Days" ref={bands}>
          <p className={styles.sum}>
            <span>
              <b>
                {planned.length} break{planned.length === 1 ? '' : 's'}
              </b>{' '}
              {planned.some((b) => led.has(b.id)) && `· ${planned.filter((b) => led.has(b.id)).length} led `}·
              longest run at the desk {longest} min ·{' '}
              {tooLong > 0 && (
                <b className={styles.overText}>
                  {tooLong} {tooLong === 1 ? 'takes' : 'take'} longer than planned ·{' '}
                </b>
              )}
              {inTheWay > 0 && <b className={styles.overText}>{inTheWay} in a meeting or off the desk · </b>}
              {overMin === 0 ? (
                `never over ${week.rule.limitMin} min`
              ) : (
                <b className={styles.overText}>{overMin} min over the limit</b>
              )}
            </span>
            <span className={`small muted ${styles.legend}`} aria-hidden="true">
              <i className={styles.chosenMark} /> break chosen <i className={styles.openMark} /> not chosen
              yet <i className={styles.limitMark} /> limit
            </span>
          </p>
          {days.map((d) => (
            <DayRow
              key={d.day.date}
              facts={d}
              store={store}
              rule={week.rule}
              now={now}
              width={width}
              highestRun={Math.max(week.rule.limitMin * 1.25, longest)}
              chosen={chosen}
              choose={choose}
              nameOf={nameOf}
              doesOf={doesOf}
              ledOf={ledOf}
              stateOf={stateOf}
              preview={(b) => setPreview(b && { date: d.day.date, breaks: b })}
            />
          ))}
        </section>
        <Panel
          group={group}
          people={takingPart}
          store={store}
          days={days}
          facts={facts}
          breaks={breaks}
          tab={tab}
          setTab={setTab}
          led={led}
          log={log ?? []}
          chosen={chosen}
          choose={choose}
          planDay={(date) => void plan(days.filter((d) => d.day.date === date))}
          fill={() => setDialog('fill')}
          compareTo={`${here}/compare${whose}`}
        />
      </div>
      <Suspense>
        {dialog === 'calendars' && (
          <CalendarsDialog group={group} people={people} close={() => setDialog(null)} />
        )}
        {dialog === 'fill' && (
          <FillDialog
            group={group}
            people={takingPart}
            store={store}
            days={days}
            facts={facts}
            now={now}
            close={() => setDialog(null)}
          />
        )}
        {dialog === 'weeks' && (
          <WeeksDialog group={group} person={person} store={store} close={() => setDialog(null)} />
        )}
        {dialog === 'give out' && (
          <GiveOutDialog
            group={group}
            people={people}
            week={week}
            saved={save.at === 'saved'}
            frame={frame}
            now={now}
            breaks={breaks}
            given={given}
            close={() => setDialog(null)}
          />
        )}
      </Suspense>
    </div>
  );
};
