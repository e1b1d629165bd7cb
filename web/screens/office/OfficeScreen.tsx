import { IsoDateSchema } from '@kotabi/core/model';
import { addDays, localNow, mondayOf } from '@kotabi/core/schedule';
import { useQueries, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import dayjs from 'dayjs';
import { CalendarRange, ChevronLeft, ChevronRight, ListChecks, Send } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { messageOf } from '../../api/client';
import { MOST_ROWS, useAnswers, useBreaks, useGroups, useLog, useMoves } from '../../api/queries';
import { NotHere } from '../../shell/NotHere';
import { Empty, Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { type GroupWeek, officeRow } from '../../week/office-row';
import { useBreakFacts } from '../../week/useFacts';
import { mondayAhead } from '../../week/usePlace';
import { type Done, fillGroup, giveGroup, loadGroupWeek, planGroup } from './doing';
import { GroupRow } from './GroupRow';
import { LedLine } from './LedLine';
import styles from './office.module.css';
import { WeekShapes } from './WeekShapes';

/** One look over all groups: what is drafted, given out, long, missed; and planning, filling, giving out for many at once. */
export const OfficeScreen = () => {
  useTitle('All groups');
  const { startDate } = useParams();
  const go = useNavigate();
  const real = startDate === undefined || IsoDateSchema.safeParse(startDate).success;
  const groups = useGroups();
  const monday =
    real && startDate ? mondayOf(startDate) : mondayAhead((groups.data ?? []).map((g) => g.value));
  const breaks = useBreaks();
  const moves = useMoves();
  const log = useLog({ limit: MOST_ROWS });
  const answers = useAnswers();
  const client = useQueryClient();
  const facts = useBreakFacts(breaks.data ?? []);
  const [chosen, setChosen] = useState<ReadonlySet<string> | null>(null);
  const [doing, setDoing] = useState<{ what: string; name: string; stop: () => void } | null>(null);
  const [done, setDone] = useState<Done[]>([]);
  const weeks = useQueries({
    queries: (groups.data ?? []).map(({ value: group }) => ({
      queryKey: ['weeks', group.id, null, monday, 'all'],
      queryFn: () => loadGroupWeek(group, monday),
    })),
  });
  if (!real) return <NotHere />;
  const failed = groups.error ?? breaks.error ?? moves.error ?? weeks.find((w) => w.error)?.error ?? null;
  if (!groups.data || !breaks.data || !moves.data || weeks.some((w) => w.data === undefined))
    return <Waiting error={failed} retry={() => void client.refetchQueries()} />;
  if (groups.data.length === 0)
    return (
      <div className="page">
        <Empty title="No group yet" action={<Link to="/people">Enter the first group</Link>}>
          Groups stand here side by side, week by week.
        </Empty>
      </div>
    );
  const all = weeks.flatMap((w) => w.data ?? []);
  const rows = all.map((w) => officeRow(w, facts, localNow(new Date(), w.group.timeZone)));
  const marked = chosen ?? new Set(all.map((w) => w.group.id));

  /** Does one thing for each group that is marked, one after the other; what is done stays done when it is stopped. */
  const forAll = async (
    what: string,
    work: (w: GroupWeek, signal: AbortSignal) => Promise<string>,
  ): Promise<void> => {
    const stop = new AbortController();
    const said: Done[] = [];
    for (const w of all.filter((one) => marked.has(one.group.id))) {
      if (stop.signal.aborted) break;
      setDoing({ what, name: w.group.name, stop: () => stop.abort() });
      try {
        said.push({ name: w.group.name, says: await work(w, stop.signal) });
      } catch (error) {
        const cancelled = error instanceof DOMException && error.name === 'AbortError';
        said.push({ name: w.group.name, says: cancelled ? 'was left as it is' : messageOf(error) });
      }
    }
    await client.invalidateQueries({ queryKey: ['weeks'] });
    await client.invalidateQueries({ queryKey: ['given'] });
    setDone(said);
    setDoing(null);
  };
  const means = { facts, shelf: moves.shelf, approach: moves.approach };
  const act = (label: string, icon: ReactNode, run: () => Promise<void>, main = false) => (
    <Button
      type={main ? 'primary' : 'default'}
      icon={icon}
      disabled={doing !== null || marked.size === 0}
      onClick={() => void run()}
    >
      {label}
    </Button>
  );
  const ready = rows.filter((r) => marked.has(r.group.id) && (r.state === 'draft' || r.state === 'changed'));
  return (
    <div className="page">
      <div className="bar">
        <h1>All groups, week of {dayjs(monday).format('D MMMM YYYY')}</h1>
        <Button
          type="text"
          aria-label="The week before"
          icon={<ChevronLeft size={18} />}
          onClick={() => go(`/weeks/${addDays(monday, -7)}`)}
        />
        <Button
          type="text"
          aria-label="The week after"
          icon={<ChevronRight size={18} />}
          onClick={() => go(`/weeks/${addDays(monday, 7)}`)}
        />
        <span className="grow" />
        {doing ? (
          <Button onClick={doing.stop}>
            {doing.what} {doing.name} … cancel
          </Button>
        ) : (
          <>
            {act('Plan', <CalendarRange size={16} />, () =>
              forAll('Planning', (w, signal) => planGroup(w, monday, signal)),
            )}
            {act('Choose breaks', <ListChecks size={16} />, () =>
              forAll('Choosing for', (w, signal) => fillGroup(w, means, signal)),
            )}
            {act(
              ready.length > 0 ? `Give out ${ready.length}` : 'Give out',
              <Send size={16} />,
              () => forAll('Giving out', (w) => giveGroup(w)),
              true,
            )}
          </>
        )}
      </div>
      {done.length > 0 && (
        <ul className={styles.done} role="status">
          {done.map((d) => (
            <li key={d.name}>
              <b>{d.name}</b>: {d.says}.
            </li>
          ))}
        </ul>
      )}
      <section className={`card ${styles.groups}`} aria-label="Groups">
        <table>
          <thead>
            <tr>
              <th scope="col">
                <span className={styles.srOnly}>For this group too</span>
              </th>
              <th scope="col">Group</th>
              <th scope="col">Breaks</th>
              <th scope="col">Longest run at the desk</th>
              <th scope="col">Aims of the week</th>
              <th scope="col">Last break</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <GroupRow
                key={row.group.id}
                row={row}
                monday={monday}
                log={log.data?.rows ?? []}
                answers={answers.data ?? []}
                marked={marked.has(row.group.id)}
                mark={(on) => {
                  const next = new Set(marked);
                  if (on) next.add(row.group.id);
                  else next.delete(row.group.id);
                  setChosen(next);
                }}
              />
            ))}
          </tbody>
        </table>
      </section>
      <WeekShapes rows={rows} monday={monday} />
      <LedLine rows={rows} monday={monday} />
    </div>
  );
};
