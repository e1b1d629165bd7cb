import { Button } from 'antd';
import dayjs from 'dayjs';
import { useEffect, useState } from 'react';
import { Link, Navigate } from 'react-router';
import { useMoves } from '../../api/queries';
import { Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { dayText, stateText, weeksAhead } from '../../words/today';
import { Lacks } from './Lacks';
import { Hours, MiniBand, type Span, spanOf } from './MiniBand';
import { Next } from './Next';
import { Since } from './Since';
import styles from './today.module.css';
import { type GroupToday, useToday } from './useToday';

/** How often the page looks at the clock, ms. */
const EVERY_MS = 30_000;

const useClock = (): Date => {
  const [at, setAt] = useState(() => new Date());
  useEffect(() => {
    const timer = setInterval(() => setAt(new Date()), EVERY_MS);
    return () => clearInterval(timer);
  }, []);
  return at;
};

/** Where nobody works, no hours are shown. */
const WORKDAY: Span = { startMin: 540, endMin: 1020 };

const weekOf = ({ group, monday }: GroupToday): string => `/week/${group.id}/${monday}`;

const Row = ({ today, span }: { today: GroupToday; span: Span }) => (
  <li className={styles.row}>
    <span>
      <Link to={weekOf(today)}>
        <b>{today.group.name}</b>
      </Link>
      <span className={today.state === 'given out' ? 'muted small' : `small ${styles.waiting}`}>
        {stateText(today)}
      </span>
    </span>
    <MiniBand today={today} span={span} />
  </li>
);

/** The first screen: what is led next, the day of each group, what waits. */
export const TodayScreen = () => {
  useTitle('Today');
  const at = useClock();
  const today = useToday(at);
  const moves = useMoves();
  if (!today || !moves.data) return <Waiting error={moves.error} retry={() => void moves.refetch()} />;
  // Whoever begins has nothing to lead yet: the breaks say what to do first.
  if (today.none) return <Navigate to="/breaks" replace />;
  const { groups } = today;
  const [first] = groups;
  // What others have been told of comes before what is only drafted.
  const told = (g: GroupToday): number => (g.state === 'draft' ? 1 : 0);
  const [next] = groups
    .flatMap((g) => g.coming.map((c) => ({ c, g })))
    .sort((a, b) => told(a.g) - told(b.g) || a.c.inMin - b.c.inMin);
  const date = first?.now.date ?? dayjs(at).format('YYYY-MM-DD');
  const span = spanOf(groups);
  const waiting = groups.filter((g) => g.state === 'draft' || g.state === 'changed');
  const unplanned = groups.filter((g) => g.state === 'not planned');
  return (
    <div className="page">
      <div className="bar">
        <h1>{dayjs(date).format('dddd D MMMM')}</h1>
        <span className="muted">{dayText(groups)}</span>
      </div>
      <div className={styles.top}>
        {next ? (
          <Next next={next.c} monday={next.g.monday} />
        ) : (
          <section className={`card ${styles.next}`} aria-label="Next">
            <div>
              <h2>Nothing is planned for {weeksAhead(groups)}</h2>
              <p>Plan a week, choose its breaks, and give it out: then it stands here.</p>
              {first && (
                <Link to={weekOf(first)}>
                  <Button type="primary">{first.isNext ? 'Plan next week' : 'Plan the week'}</Button>
                </Link>
              )}
            </div>
          </section>
        )}
        <Since groups={groups.map((g) => g.group)} today={date} />
      </div>
      <section className={`card ${styles.groups}`} aria-label="The day, group by group">
        <div className="bar">
          <h2>The day, group by group</h2>
          <span className="grow" />
          <span className="muted small">
            filled: past · open: to come · height: unbroken minutes at the desk
          </span>
          <Link to="/weeks">The whole week</Link>
        </div>
        <ul>
          {span && (
            <li className={styles.hours}>
              <span />
              <Hours span={span} />
            </li>
          )}
          {groups.map((g) => (
            <Row key={g.group.id} today={g} span={span ?? WORKDAY} />
          ))}
        </ul>
        {waiting.length > 0 && (
          <p className={styles.waits}>
            Waiting:{' '}
            {waiting.map((g, i) => (
              <span key={g.group.id}>
                {i > 0 && ' · '}
                <Link to={weekOf(g)}>give out the week of {g.group.name}</Link>
              </span>
            ))}
          </p>
        )}
        {unplanned.length > 0 && (
          <p className="muted small">
            Nothing planned for {weeksAhead(unplanned)}:{' '}
            {unplanned.map((g, i) => (
              <span key={g.group.id}>
                {i > 0 && ', '}
                <Link to={weekOf(g)}>{g.group.name}</Link>
              </span>
            ))}
            .
          </p>
        )}
      </section>
      <Lacks groups={groups} />
    </div>
  );
};
