import type { BusyTime } from '@kotabi/core/model';
import { frameOf, fromToday, landing, withCalendars } from '@kotabi/core/schedule';
import { useQueries } from '@tanstack/react-query';
import { Link } from 'react-router';
import { request } from '../../api/client';
import { useBreaks } from '../../api/queries';
import { officeRow } from '../../week/office-row';
import { useBreakFacts } from '../../week/useFacts';
import { lacksText, lacksTitle } from '../../words/today';
import styles from './today.module.css';
import type { KeptToday } from './useToday';

const NONE: readonly [] = [];
/** How often calendars are looked at, ms. */
const EVERY_MS = 60_000;

/** What the weeks to come lack, group by group: what calendars have put in the way, times without a break, long runs, aims. */
export const Lacks = ({ groups }: { groups: readonly KeptToday[] }) => {
  const breaks = useBreaks().data;
  const facts = useBreakFacts(breaks ?? NONE);
  const planned = groups.filter((g) => g.week !== null);
  const busy = useQueries({
    queries: planned.map(({ group, monday }) => ({
      queryKey: ['busy', group.id, monday, 'today'],
      refetchInterval: EVERY_MS,
      queryFn: () =>
        request<{ date: string; busy: BusyTime[] }[]>(
          'GET',
          `/api/groups/${group.id}/busy?from=${monday}&days=7`,
        ),
    })),
  });
  if (!breaks) return null;
  // Whether anything of a week is still to come.
  let left = false;
  const rows = planned.flatMap((g, i) => {
    const week = g.week?.value;
    if (!week) return [];
    const taken = withCalendars(week, fromToday(busy[i]?.data ?? [], week.days, g.now.date));
    const inTheWay = busy[i]?.data ? landing(taken.days, frameOf(g.group, null), week.rule, g.now) : 0;
    const row = officeRow({ ...g, people: [], before: null }, facts, g.now);
    left ||= row.ahead !== null;
    const lacks = lacksText(row, inTheWay);
    return lacks.length > 0 ? [{ group: g.group, lacks, monday: week.startDate }] : [];
  });
  const title = lacksTitle(groups);
  return (
    <section className={`card ${styles.groups}`} aria-label={title}>
      <h2>{title}</h2>
      {rows.length === 0 && (
        <p className="muted">
          {left
            ? `Nothing${planned.length < groups.length ? ', where it is planned' : ''}: every time to come has its break, none lies in a meeting, no run is too long, every aim is met.`
            : planned.length > 0
              ? 'Nothing is left of it.'
              : 'Nothing is planned yet.'}
        </p>
      )}
      <ul>
        {rows.map(({ group, lacks, monday }) => (
          <li key={group.id} className={styles.row}>
            <Link to={`/week/${group.id}/${monday}`}>
              <b>{group.name}</b>
            </Link>
            <p className={styles.lackList}>{lacks.join(' · ')}</p>
          </li>
        ))}
      </ul>
    </section>
  );
};
